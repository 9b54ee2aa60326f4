import { PutSchools } from '@dotting/contract';
import { Body, Controller, HttpCode, Param, Put } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { For, Present, type AtWork } from '../common/present.js';
import { Does } from '../http/described.js';
import { Id } from '../http/id.pipe.js';
import { SchoolsService } from './schools.service.js';

@ApiTags('rooms')
@Controller('api/rooms/:room/schools')
export class SchoolsController {
  constructor(private readonly schools: SchoolsService) {}

  @For('lead')
  @Put()
  @HttpCode(204)
  @Does('Changes the ways of a room, where practitioners disagree; everyone is told')
  change(@Present() at: AtWork, @Param('room', Id) room: string, @Body() body: PutSchools): Promise<void> {
    return this.schools.change(at, room, body);
  }
}
