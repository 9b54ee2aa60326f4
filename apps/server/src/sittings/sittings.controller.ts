import { PutClosing } from '@dotting/contract';
import type { SittingId } from '@dotting/core';
import { Body, Controller, HttpCode, Param, ParseUUIDPipe, Put } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { DeviceAlone, Present, type AtDevice } from '../devices/present.js';
import { SittingsService } from './sittings.service.js';

@ApiTags('sittings')
@Controller('api/sittings')
export class SittingsController {
  constructor(private readonly sittings: SittingsService) {}

  /** A device goes on sending what was recorded at it while nobody is there. */
  @DeviceAlone()
  @Put(':id/closing')
  @HttpCode(204)
  close(
    @Present() at: AtDevice,
    @Param('id', ParseUUIDPipe) id: string,
    @Body() body: PutClosing,
  ): Promise<void> {
    return this.sittings.close(at, id as SittingId, body);
  }
}
