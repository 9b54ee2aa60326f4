import { Controller, Get, HttpCode, ServiceUnavailableException } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { DataSource } from 'typeorm';
import { Open } from '../common/present.js';
import { spoken } from '../wording/spoken.js';

@ApiTags('health')
@Controller('api/health')
export class HealthController {
  constructor(private readonly dataSource: DataSource) {}

  /** Well when the database answers; the memory is the whole process's, in MB. */
  @Open()
  @Get()
  @HttpCode(200)
  async health(): Promise<{ status: 'well'; memoryMb: number }> {
    try {
      await this.dataSource.query('SELECT 1');
    } catch {
      throw new ServiceUnavailableException(spoken().refusals.noDatabase());
    }
    return { status: 'well', memoryMb: Math.round(process.memoryUsage.rss() / 1_048_576) };
  }
}
