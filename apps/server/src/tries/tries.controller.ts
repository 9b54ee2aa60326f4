import { PutTry, ToldTry, TryStored } from '@dotting/contract';
import type { TraceId } from '@dotting/core';
import { Body, Controller, Get, Param, ParseUUIDPipe, Put } from '@nestjs/common';
import { ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { DeviceAlone, Present, type AtDevice, type AtWork } from '../devices/present.js';
import { TriesService } from './tries.service.js';

@ApiTags('tries')
@Controller('api/tries')
export class TriesController {
  constructor(private readonly tries: TriesService) {}

  /** A device goes on sending what was recorded at it while nobody is there. */
  @DeviceAlone()
  @Put(':id')
  @ApiOkResponse({ type: TryStored })
  put(
    @Present() at: AtDevice,
    @Param('id', ParseUUIDPipe) id: string,
    @Body() body: PutTry,
  ): Promise<TryStored> {
    return this.tries.put(at, id as TraceId, body);
  }

  @Get(':id')
  @ApiOkResponse({ type: ToldTry })
  find(@Present() at: AtWork, @Param('id', ParseUUIDPipe) id: string): Promise<ToldTry> {
    return this.tries.find(at, id as TraceId);
  }
}
