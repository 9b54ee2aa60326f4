import { PutPhoto } from '@dotting/contract';
import type { TraceId } from '@dotting/core';
import { Body, Controller, Delete, Get, Header, HttpCode, Param, Put, StreamableFile } from '@nestjs/common';
import { ApiOkResponse, ApiProduces, ApiTags } from '@nestjs/swagger';
import { For, Present, type AtWork } from '../common/present.js';
import { Does, Refuses } from '../http/described.js';
import { Id } from '../http/id.pipe.js';
import { PhotosService } from './photos.service.js';

@ApiTags('tries')
@Controller('api/tries/:id/photo')
export class PhotosController {
  constructor(private readonly photos: PhotosService) {}

  @Put()
  @HttpCode(204)
  @Does('Keeps a photo of what was written on paper, without what is told beside the picture')
  @Refuses(403, 422)
  put(@Present() at: AtWork, @Param('id', Id) id: TraceId, @Body() body: PutPhoto): Promise<void> {
    return this.photos.put(at, id, body);
  }

  @Get()
  @Header('content-type', 'image/jpeg')
  @Header('cache-control', 'no-store')
  @ApiProduces('image/jpeg')
  @ApiOkResponse({ schema: { type: 'string', format: 'binary' }, description: 'photo.jpg' })
  @Does('The photo of what was written on paper')
  async get(@Present() at: AtWork, @Param('id', Id) id: TraceId): Promise<StreamableFile> {
    return new StreamableFile(await this.photos.get(at, id), { type: 'image/jpeg' });
  }

  @For('lead', 'practitioner')
  @Delete()
  @HttpCode(204)
  @Does('Erases the photo of a try')
  remove(@Present() at: AtWork, @Param('id', Id) id: TraceId): Promise<void> {
    return this.photos.remove(at, id);
  }
}
