import { PutClosing } from '@dotting/contract';
import type { SittingId } from '@dotting/core';
import { Body, Controller, Headers, HttpCode, Param, Put } from '@nestjs/common';
import { Id } from '../http/id.pipe.js';
import { ApiTags } from '@nestjs/swagger';
import { Delivery, Present, type AtDevice } from '../common/present.js';
import { behindBy, clockHeader } from '../tries/clock.js';
import { SittingsService } from './sittings.service.js';
import { Does, Refuses } from '../http/described.js';

@ApiTags('sittings')
@Controller('api/sittings')
export class SittingsController {
  constructor(private readonly sittings: SittingsService) {}

  /** A device goes on sending what was recorded at it while nobody is there. */
  @Delivery()
  @Put(':id/closing')
  @HttpCode(204)
  @Does('Stores how a sitting ended, with what changed and a note')
  @Refuses(409)
  close(
    @Present() at: AtDevice,
    @Param('id', Id) id: SittingId,
    @Body() body: PutClosing,
    @Headers(clockHeader) clock: string | undefined,
  ): Promise<void> {
    return this.sittings.close({ ...at, behindMs: behindBy(clock) }, id, body);
  }
}
