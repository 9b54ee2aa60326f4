import {
  ChildChange,
  ChildPage,
  ChildView,
  InkView,
  MoveView,
  NewStatementRuling,
  NewStepDecision,
  RoomMove,
  RoomOverview,
  TodayView,
} from '@dotting/contract';
import type { ChildId } from '@dotting/core';
import { Body, Controller, Delete, Get, HttpCode, Param, Patch, Post, Put } from '@nestjs/common';
import { Id } from '../http/id.pipe.js';
import { ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { For, Present, type AtWork } from '../common/present.js';
import { Sight } from '../sight/sight.service.js';
import { ChildrenService } from './children.service.js';
import { DecisionsService } from '../decisions/decisions.service.js';
import { ExportService } from './export.service.js';
import { InkService } from './ink.service.js';
import { RoomService } from './room.service.js';
import { AnswersFile, Does, Refuses } from '../http/described.js';

@ApiTags('children')
@Controller('api')
export class ChildrenController {
  constructor(
    private readonly children: ChildrenService,
    private readonly sight: Sight,
    private readonly decisions: DecisionsService,
    private readonly room: RoomService,
    private readonly exports: ExportService,
    private readonly ink: InkService,
  ) {}

  @Get('rooms/:id/today')
  @ApiOkResponse({ type: TodayView })
  @Does('Who of a room is due today and for what, and what was left unfinished')
  today(@Present() at: AtWork, @Param('id', Id) id: string): Promise<TodayView> {
    return this.children.today(at, id);
  }

  @Get('rooms/:id')
  @ApiOkResponse({ type: RoomOverview })
  @Does('A room’s children with what may be said of each, in short')
  overview(@Present() at: AtWork, @Param('id', Id) id: string): Promise<RoomOverview> {
    return this.room.overview(at, id);
  }

  @For('lead', 'practitioner')
  @Get('children/:id/export.json')
  @AnswersFile('child.json')
  @Does('All that is held about one child, to take away')
  everything(@Present() at: AtWork, @Param('id', Id) id: ChildId): Promise<object> {
    return this.exports.everything(at, id);
  }

  @For('lead', 'practitioner')
  @Get('children/:id/tries.csv')
  @AnswersFile('tries.csv')
  @Does('A child’s tries, one line each, to take away')
  tries(@Present() at: AtWork, @Param('id', Id) id: ChildId): Promise<string> {
    return this.exports.triesAsCsv(at, id);
  }

  @Get('children/:id/ink')
  @ApiOkResponse({ type: InkView })
  @Does('The numerals that a child has written, with their strokes, oldest first')
  written(@Present() at: AtWork, @Param('id', Id) id: ChildId): Promise<InkView> {
    return this.ink.of(at, id);
  }

  @Get('children/:id')
  @ApiOkResponse({ type: ChildPage })
  @Does('A child’s page: what may be said, next steps, tries, closings')
  page(@Present() at: AtWork, @Param('id', Id) id: ChildId): Promise<ChildPage> {
    return this.children.page(at, id);
  }

  @For('lead', 'practitioner')
  @Patch('children/:id')
  @ApiOkResponse({ type: ChildView })
  @Does('Changes what the register holds of a child; fields left out stay')
  change(@Present() at: AtWork, @Param('id', Id) id: ChildId, @Body() body: ChildChange): Promise<ChildView> {
    return this.children.change(at, id, body);
  }

  @For('lead', 'practitioner')
  @Post('children/:id/steps')
  @HttpCode(204)
  @Does('Pins a next step or puts it away, with the reason')
  @Refuses(409)
  async decide(
    @Present() at: AtWork,
    @Param('id', Id) id: ChildId,
    @Body() body: NewStepDecision,
  ): Promise<void> {
    await this.decisions.decide(at, await this.sight.child(at, id), body);
  }

  @For('lead', 'practitioner')
  @Post('children/:id/statements')
  @HttpCode(204)
  @Does('Puts a statement in the adult’s own words, or takes them back')
  async rule(
    @Present() at: AtWork,
    @Param('id', Id) id: ChildId,
    @Body() body: NewStatementRuling,
  ): Promise<void> {
    await this.decisions.rule(at, await this.sight.child(at, id), body);
  }

  @For('lead', 'practitioner')
  @Post('children/:id/revised/read')
  @HttpCode(204)
  @Does('What a new way of reading changed was read and is not shown again')
  revisedWasRead(@Present() at: AtWork, @Param('id', Id) id: ChildId): Promise<void> {
    return this.children.revisedWasRead(at, id);
  }

  @Put('children/:id/not-here-today')
  @HttpCode(204)
  @Does('The child is not here today and is moved on; nothing of it is kept beyond the day')
  isNotHere(@Present() at: AtWork, @Param('id', Id) id: ChildId): Promise<void> {
    return this.children.beHere(at, id, false);
  }

  @Delete('children/:id/not-here-today')
  @HttpCode(204)
  @Does('The child is here today after all')
  isHereAfterAll(@Present() at: AtWork, @Param('id', Id) id: ChildId): Promise<void> {
    return this.children.beHere(at, id, true);
  }

  @Get('rooms/:id/moves')
  @ApiOkResponse({ type: RoomMove, isArray: true })
  @Does('The room’s teaching ideas, one for each slip')
  moves(@Present() at: AtWork, @Param('id', Id) id: string): Promise<RoomMove[]> {
    return this.decisions.tableOf(at, id);
  }

  @For('lead', 'practitioner')
  @Put('rooms/:id/moves')
  @HttpCode(204)
  @Does('Changes a teaching idea of the room, or takes the usual one again')
  changeMove(@Present() at: AtWork, @Param('id', Id) id: string, @Body() body: MoveView): Promise<void> {
    return this.decisions.changeMove(at, id, body);
  }
}
