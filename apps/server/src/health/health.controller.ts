import { Controller, Get, HttpCode, ServiceUnavailableException } from '@nestjs/common';
import { ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { DataSource } from 'typeorm';
import { Open } from '../common/present.js';
import { spoken } from '../wording/spoken.js';
import { Does, Refuses } from '../http/described.js';

@ApiTags('health')
@Controller('api/health')
export class HealthController {
  constructor(private readonly dataSource: DataSource) {}

  /** Well when the database answers; the memory is the whole process's, in MB. */
  @Open()
  @Get()
  @HttpCode(200)
  @ApiOkResponse({
    schema: {
      type: 'object',
      properties: { status: { enum: ['well'] }, memoryMb: { type: 'number' } },
      required: ['status', 'memoryMb'],
    },
  })
  @Does('Whether the server is well')
  @Refuses(503)
  async health(): Promise<{ status: 'well'; memoryMb: number }> {
    try {
      await this.dataSource.query('SELECT 1');
    } catch {
      throw new ServiceUnavailableException(spoken().refusals.noDatabase());
    }
    return { status: 'well', memoryMb: Math.round(process.memoryUsage.rss() / 1_048_576) };
  }
}
