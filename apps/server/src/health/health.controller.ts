import { Controller, Get, ServiceUnavailableException } from '@nestjs/common';
import { ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { DataSource } from 'typeorm';
import { Open } from '../common/present.js';
import { spoken } from '../wording/spoken.js';
import { Does, Refuses } from '../http/described.js';

/** A database that has not answered within this is not there. In ms. */
const patienceMs = 3_000;

@Open()
@ApiTags('health')
@Controller('api')
export class HealthController {
  constructor(private readonly dataSource: DataSource) {}

  /** The memory is the whole process's, in MB. */
  @Get('health')
  @ApiOkResponse({
    schema: {
      type: 'object',
      properties: { status: { enum: ['well'] }, memoryMb: { type: 'number' } },
      required: ['status', 'memoryMb'],
    },
  })
  @Does('Whether the server lives; one that does not answer wants starting again')
  health(): { status: 'well'; memoryMb: number } {
    return { status: 'well', memoryMb: Math.round(process.memoryUsage.rss() / 1_048_576) };
  }

  @Get('ready')
  @ApiOkResponse({
    schema: { type: 'object', properties: { status: { enum: ['ready'] } }, required: ['status'] },
  })
  @Does('Whether the database answers too, so that the app can be used')
  @Refuses(503)
  async ready(): Promise<{ status: 'ready' }> {
    let timer: NodeJS.Timeout | undefined;
    const late = new Promise<never>((_, reject) => {
      timer = setTimeout(() => reject(new Error('late')), patienceMs);
    });
    try {
      await Promise.race([this.dataSource.query('SELECT 1'), late]);
    } catch {
      throw new ServiceUnavailableException(spoken().refusals.noDatabase());
    } finally {
      clearTimeout(timer);
    }
    return { status: 'ready' };
  }
}
