import { OwnTaskBody, OwnThingsBody, Retirement, TaskFile, TaskTakenIn } from '@dotting/contract';
import type { OwnTaskId } from '@dotting/core';
import { Body, Controller, HttpCode, Param, Post, Put } from '@nestjs/common';
import { ApiCreatedResponse, ApiTags } from '@nestjs/swagger';
import { For, Present, type AtWork } from '../common/present.js';
import { Does, Refuses } from '../http/described.js';
import { Id } from '../http/id.pipe.js';
import { OwnService } from './own.service.js';
import { TaskFiles } from './taskFile.service.js';

@ApiTags('rooms')
@For('lead', 'practitioner')
@Controller('api/rooms/:room')
export class OwnController {
  constructor(
    private readonly own: OwnService,
    private readonly files: TaskFiles,
  ) {}

  @Put('tasks/:id')
  @HttpCode(204)
  @Does('Writes a task of the room’s own, or changes it')
  @Refuses(422)
  putTask(
    @Present() at: AtWork,
    @Param('room', Id) room: string,
    @Param('id', Id) id: OwnTaskId,
    @Body() body: OwnTaskBody,
  ): Promise<void> {
    return this.own.putTask(at, room, id, body);
  }

  @Put('tasks/:id/retirement')
  @HttpCode(204)
  @Does('Retires a task of the room’s own, or takes it up again')
  retireTask(
    @Present() at: AtWork,
    @Param('room', Id) room: string,
    @Param('id', Id) id: OwnTaskId,
    @Body() body: Retirement,
  ): Promise<void> {
    return this.own.retireTask(at, room, id, body);
  }

  @Post('task-files')
  @ApiCreatedResponse({ type: TaskTakenIn })
  @Does('Takes in a task that was saved as a file: all of it or nothing')
  @Refuses(422)
  takeIn(
    @Present() at: AtWork,
    @Param('room', Id) room: string,
    @Body() body: TaskFile,
  ): Promise<TaskTakenIn> {
    return this.files.takeIn(at, room, body);
  }

  @Put('things/:id')
  @HttpCode(204)
  @Does('Adds a kind of thing to what the room counts with or keeps it in, or changes it')
  putThings(
    @Present() at: AtWork,
    @Param('room', Id) room: string,
    @Param('id', Id) id: string,
    @Body() body: OwnThingsBody,
  ): Promise<void> {
    return this.own.putThings(at, room, id, body);
  }

  @Put('things/:id/retirement')
  @HttpCode(204)
  @Does('Retires a kind of thing of the room’s own, or takes it up again')
  retireThings(
    @Present() at: AtWork,
    @Param('room', Id) room: string,
    @Param('id', Id) id: string,
    @Body() body: Retirement,
  ): Promise<void> {
    return this.own.retireThings(at, room, id, body);
  }
}
