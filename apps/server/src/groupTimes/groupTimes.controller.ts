import { GroupTimesView, NewGroupTime, Reason } from '@dotting/contract';
import { Body, Controller, Delete, Get, HttpCode, Param, Post, Put } from '@nestjs/common';
import { ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { Present, type AtWork } from '../common/present.js';
import { Does, Refuses } from '../http/described.js';
import { Id } from '../http/id.pipe.js';
import { GroupTimesService } from './groupTimes.service.js';

@ApiTags('rooms')
@Controller('api/rooms/:room/group-times')
export class GroupTimesController {
  constructor(private readonly groupTimes: GroupTimesService) {}

  @Get()
  @ApiOkResponse({ type: GroupTimesView })
  @Does('What a room was shown or did in chorus, newest first')
  of(@Present() at: AtWork, @Param('room', Id) room: string): Promise<GroupTimesView> {
    return this.groupTimes.of(at, room);
  }

  @Put(':id')
  @HttpCode(204)
  @Does('Keeps what the group was shown or did in chorus, with who was there')
  @Refuses(409)
  keep(
    @Present() at: AtWork,
    @Param('room', Id) room: string,
    @Param('id', Id) id: string,
    @Body() body: NewGroupTime,
  ): Promise<void> {
    return this.groupTimes.keep(at, room, id, body);
  }

  @Post(':id/taken-back')
  @HttpCode(204)
  @Does('Takes back a time as a group that the same adult put down')
  takeBack(
    @Present() at: AtWork,
    @Param('room', Id) room: string,
    @Param('id', Id) id: string,
    @Body() { reason }: Reason,
  ): Promise<void> {
    return this.groupTimes.takeBack(at, room, id, reason);
  }

  @Delete(':id/taken-back')
  @HttpCode(204)
  @Does('Puts a time as a group back that the same adult took back')
  putBack(
    @Present() at: AtWork,
    @Param('room', Id) room: string,
    @Param('id', Id) id: string,
  ): Promise<void> {
    return this.groupTimes.putBack(at, room, id);
  }
}
