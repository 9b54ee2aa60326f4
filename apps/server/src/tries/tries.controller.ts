import { DoubleAnswer, NewAmendment, NewRuling, PutTry, ToldTry, TryStored } from '@dotting/contract';
import type { TraceId } from '@dotting/core';
import { Body, Controller, Get, HttpCode, Param, Post, Put } from '@nestjs/common';
import { Id } from '../http/id.pipe.js';
import { ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { Delivery, For, Present, type AtDevice, type AtWork } from '../common/present.js';
import { CorrectionsService } from './corrections.service.js';
import { DoublesService } from './doubles.service.js';
import { TriesService } from './tries.service.js';

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
  put(@Present() at: AtDevice, @Param('id', Id) id: TraceId, @Body() body: PutTry): Promise<TryStored> {
    return this.tries.put(at, id, body);
  }

  @Get(':id')
  @ApiOkResponse({ type: ToldTry })
  find(@Present() at: AtWork, @Param('id', Id) id: TraceId): Promise<ToldTry> {
    return this.tries.find(at, id);
  }

  @For('lead', 'practitioner')
  @Post(':id/amendments')
  @ApiOkResponse({ type: ToldTry })
  amend(@Present() at: AtWork, @Param('id', Id) id: TraceId, @Body() body: NewAmendment): Promise<ToldTry> {
    return this.corrections.amend(at, id, body);
  }

  @For('lead', 'practitioner')
  @Post(':id/rulings')
  @ApiOkResponse({ type: ToldTry })
  rule(@Present() at: AtWork, @Param('id', Id) id: TraceId, @Body() body: NewRuling): Promise<ToldTry> {
    return this.corrections.rule(at, id, body);
  }

  /** Answers "the same try?" about this one and another. */
  @Post(':id/double')
  @HttpCode(204)
  answerDouble(
    @Present() at: AtWork,
    @Param('id', Id) id: TraceId,
    @Body() body: DoubleAnswer,
  ): Promise<void> {
    return this.doubles.answer(at, id, body);
  }
}
