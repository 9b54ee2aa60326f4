import { HeardView, ShowBody, ShownBody, SideView, SideWord, ToldView } from '@dotting/contract';
import {
  Body,
  Controller,
  Delete,
  Get,
  HttpCode,
  Param,
  ParseIntPipe,
  Post,
  Put,
  Query,
  Req,
  Res,
} from '@nestjs/common';
import { ApiOkResponse, ApiTags } from '@nestjs/swagger';
import type { FastifyReply, FastifyRequest } from 'fastify';
import { Open, Present, type AtWork } from '../common/present.js';
import { Does, Refuses } from '../http/described.js';
import { Id } from '../http/id.pipe.js';
import { ChildSideService } from './childSide.service.js';

const path = '/api/child-side';
const sideCookie = 'dotting_side';

@ApiTags('devices')
@Controller('api/child-side')
export class ChildSideController {
  constructor(private readonly sides: ChildSideService) {}

  @Post()
  @HttpCode(200)
  @ApiOkResponse({ type: SideView })
  @Does('A word by which another screen is paired with this device, for what a child is shown')
  open(@Present() at: AtWork): SideView {
    return this.sides.open(at);
  }

  @Open()
  @Post('join')
  @HttpCode(204)
  @Does('Pairs this screen by the word')
  @Refuses(401, 429)
  async join(
    @Body() { word }: SideWord,
    @Req() { ip }: FastifyRequest,
    @Res({ passthrough: true }) reply: FastifyReply,
  ): Promise<void> {
    const token = await this.sides.join(word, ip);
    reply.setCookie(sideCookie, token, { path, httpOnly: true, sameSite: 'strict', secure: 'auto' });
  }

  @Open()
  @Get('told')
  @ApiOkResponse({ type: ToldView })
  @Does('What this screen is to show next; waits some seconds for it')
  @Refuses(404)
  told(@Req() { cookies }: FastifyRequest, @Query('after', ParseIntPipe) after: number): Promise<ToldView> {
    return this.sides.told(cookies[sideCookie] ?? '', after);
  }

  @Open()
  @Put('shown')
  @HttpCode(204)
  @Does('For how long it stood on this screen')
  @Refuses(404)
  shown(@Req() { cookies }: FastifyRequest, @Body() body: ShownBody): void {
    this.sides.shown(cookies[sideCookie] ?? '', body);
  }

  @Put(':id')
  @HttpCode(204)
  @Does('Tells the paired screen what to show')
  show(@Present() at: AtWork, @Param('id', Id) id: string, @Body() body: ShowBody): void {
    this.sides.show(at, id, body);
  }

  @Get(':id')
  @ApiOkResponse({ type: HeardView })
  @Does(
    'Whether the other screen is there, and for how long it showed what it was told; waits some seconds for news',
  )
  heard(
    @Present() at: AtWork,
    @Param('id', Id) id: string,
    @Query('after', ParseIntPipe) after: number,
  ): Promise<HeardView> {
    return this.sides.heard(at, id, after);
  }

  @Delete(':id')
  @HttpCode(204)
  @Does('Ends the pairing, as with the sit-down')
  end(@Present() at: AtWork, @Param('id', Id) id: string): void {
    this.sides.end(at, id);
  }
}
