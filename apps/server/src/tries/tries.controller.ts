import {
  DoubleAnswer,
  MoveTry,
  NewAmendment,
  NewRuling,
  PutTry,
  ToldTry,
  TryStored,
} from '@dotting/contract';
import type { TraceId } from '@dotting/core';
import { Body, Controller, Delete, Get, Headers, HttpCode, Param, Post, Put } from '@nestjs/common';
import { Id } from '../http/id.pipe.js';
import { ApiCreatedResponse, ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { Delivery, For, Present, type AtDevice, type AtWork } from '../common/present.js';
import { behindBy, clockHeader } from './clock.js';
import { CorrectionsService } from './corrections.service.js';
import { DoublesService } from './doubles.service.js';
import { TriesService } from './tries.service.js';
import { Does, Refuses } from '../http/described.js';

@ApiTags('tries')
@Controller('api/tries')
export class TriesController {
  constructor(
    private readonly tries: TriesService,
    private readonly corrections: CorrectionsService,
    private readonly doubles: DoublesService,
  ) {}

  /** A device goes on sending what was recorded at it while nobody is there. */
  @Delivery()
  @Put(':id')
  @ApiOkResponse({ type: TryStored })
  @Does('Stores a try as far as it has gone; sent again it changes nothing')
  @Refuses(409, 422)
  put(
    @Present() at: AtDevice,
    @Param('id', Id) id: TraceId,
    @Body() body: PutTry,
    @Headers(clockHeader) clock: string | undefined,
  ): Promise<TryStored> {
    return this.tries.put({ ...at, behindMs: behindBy(clock) }, id, body);
  }

  @Get(':id')
  @ApiOkResponse({ type: ToldTry })
  @Does('A try as it is told, with its events')
  find(@Present() at: AtWork, @Param('id', Id) id: TraceId): Promise<ToldTry> {
    return this.tries.find(at, id);
  }

  @For('lead', 'practitioner')
  @Post(':id/amendments')
  @ApiCreatedResponse({ type: ToldTry })
  @Does('Puts one event of a try right; the original is kept')
  @Refuses(409, 422)
  amend(@Present() at: AtWork, @Param('id', Id) id: TraceId, @Body() body: NewAmendment): Promise<ToldTry> {
    return this.corrections.amend(at, id, body);
  }

  @For('lead', 'practitioner')
  @Post(':id/rulings')
  @ApiCreatedResponse({ type: ToldTry })
  @Does('An adult’s word against what was read, or taken back')
  @Refuses(409)
  rule(@Present() at: AtWork, @Param('id', Id) id: TraceId, @Body() body: NewRuling): Promise<ToldTry> {
    return this.corrections.rule(at, id, body);
  }

  @For('lead', 'practitioner')
  @Put(':id/child')
  @ApiOkResponse({ type: ToldTry })
  @Does('Gives a try that was recorded for the wrong child to the right one')
  @Refuses(409)
  move(@Present() at: AtWork, @Param('id', Id) id: TraceId, @Body() body: MoveTry): Promise<ToldTry> {
    return this.corrections.move(at, id, body);
  }

  @Post(':id/double')
  @HttpCode(204)
  @Does('Answers whether two records are of the same try')
  @Refuses(409, 422)
  answerDouble(
    @Present() at: AtWork,
    @Param('id', Id) id: TraceId,
    @Body() body: DoubleAnswer,
  ): Promise<void> {
    return this.doubles.answer(at, id, body);
  }

  @Delete(':id/double')
  @HttpCode(204)
  @Does('Takes that answer back: the question is open again')
  takeBackDouble(@Present() at: AtWork, @Param('id', Id) id: TraceId): Promise<void> {
    return this.doubles.takeBack(at, id);
  }
}
