import { TrailFilter, TrailView } from '@dotting/contract';
import { Controller, Get, Query } from '@nestjs/common';
import { ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { For, Present, type AtWork } from '../common/present.js';
import { AnswersFile, Does } from '../http/described.js';
import { TrailService } from './trail.service.js';

/** Who looked at, changed, took away or erased what, for leads. */
@For('lead')
@ApiTags('office')
@Controller('api/office')
export class TrailController {
  constructor(private readonly trail: TrailService) {}

  @Get('trail')
  @ApiOkResponse({ type: TrailView })
  @Does('Who looked at, changed, took away or erased what, newest first')
  view(@Present() at: AtWork, @Query() filter: TrailFilter): Promise<TrailView> {
    return this.trail.view(at, filter);
  }

  @Get('trail.csv')
  @AnswersFile('trail.csv')
  @Does('The same as a file, all of it')
  csv(@Present() at: AtWork, @Query() filter: TrailFilter): Promise<string> {
    return this.trail.asCsv(at, filter);
  }
}
