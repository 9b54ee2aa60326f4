import { BeginNursery, BeginView, ForgottenPassword } from '@dotting/contract';
import { Body, Controller, Get, HttpCode, Post, Req, Res } from '@nestjs/common';
import { ApiOkResponse, ApiTags } from '@nestjs/swagger';
import type { FastifyReply, FastifyRequest } from 'fastify';
import { Open } from '../common/present.js';
import { deviceCookie, keepDeviceCookie } from '../devices/deviceCookie.js';
import { Does, Refuses } from '../http/described.js';
import { BeginService, type From } from './begin.service.js';

const from = ({ ip, cookies }: FastifyRequest): From => ({
  address: ip,
  deviceToken: cookies[deviceCookie],
});

@ApiTags('site')
@Controller('api/begin')
export class BeginController {
  constructor(private readonly beginning: BeginService) {}

  @Open()
  @Get()
  @ApiOkResponse({ type: BeginView })
  @Does('Whether the demo nursery is here, and whether the first nursery can be set up')
  view(@Req() request: FastifyRequest): Promise<BeginView> {
    return this.beginning.view(from(request));
  }

  @Open()
  @Post()
  @HttpCode(204)
  @Does('Sets up a nursery with its first lead, and signs this device in there')
  @Refuses(401, 429)
  async begin(
    @Body() body: BeginNursery,
    @Req() request: FastifyRequest,
    @Res({ passthrough: true }) reply: FastifyReply,
  ): Promise<void> {
    keepDeviceCookie(reply, await this.beginning.begin(body, from(request)));
  }

  @Open()
  @Post('password')
  @HttpCode(204)
  @Does('Sets another password, by a code that was printed at the server')
  @Refuses(401, 429)
  renewPassword(@Body() body: ForgottenPassword, @Req() request: FastifyRequest): Promise<void> {
    return this.beginning.renewPassword(body, from(request));
  }
}
