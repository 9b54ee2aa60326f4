import { ComeIn, Device, DeviceSignIn, PresentAdult } from '@dotting/contract';
import {
  Body,
  Controller,
  Delete,
  Get,
  HttpCode,
  Param,
  ParseUUIDPipe,
  Post,
  Query,
  Res,
} from '@nestjs/common';
import { Id } from '../http/id.pipe.js';
import { ApiOkResponse, ApiTags } from '@nestjs/swagger';
import type { FastifyReply } from 'fastify';
import { deviceCookie, stayCookie } from './device.guard.js';
import { deviceIdleMs, DevicesService } from './devices.service.js';
import { DeviceAlone, For, Open, Present, type AtDevice, type AtWork } from '../common/present.js';
import { Does, Refuses } from '../http/described.js';

@ApiTags('devices')
@Controller('api')
export class DevicesController {
  constructor(private readonly devices: DevicesService) {}

  @Open()
  @Post('device')
  @HttpCode(204)
  @Does('Signs this device in with a lead’s email and password')
  @Refuses(401, 429)
  async signIn(@Body() body: DeviceSignIn, @Res({ passthrough: true }) reply: FastifyReply): Promise<void> {
    const token = await this.devices.signIn(body);
    reply.setCookie(deviceCookie, token, {
      path: '/',
      httpOnly: true,
      sameSite: 'strict',
      secure: 'auto',
      maxAge: deviceIdleMs / 1000,
    });
  }

  @DeviceAlone()
  @Delete('device')
  @HttpCode(204)
  @Does('Signs this device out')
  async signOut(@Present() at: AtDevice, @Res({ passthrough: true }) reply: FastifyReply): Promise<void> {
    await this.devices.revoke(at, at.deviceId);
    reply.clearCookie(deviceCookie, { path: '/' });
  }

  @DeviceAlone()
  @Post('adult')
  @HttpCode(200)
  @ApiOkResponse({ type: PresentAdult })
  @Does('An adult comes in at this device with her code')
  @Refuses(429)
  async comeIn(
    @Present() at: AtDevice,
    @Body() body: ComeIn,
    @Res({ passthrough: true }) reply: FastifyReply,
  ): Promise<PresentAdult> {
    const { adult, token } = await this.devices.comeIn(at, body);
    // Of no use without the device's own, which no script can read; gone with the browser's window.
    reply.setCookie(stayCookie, token, { path: '/', httpOnly: false, sameSite: 'strict', secure: 'auto' });
    return adult;
  }

  @DeviceAlone()
  @Delete('adult')
  @HttpCode(204)
  @Does('The adult’s stay at this device ends: the screen is locked')
  async leave(
    @Present() at: AtDevice,
    @Query('presence', new ParseUUIDPipe({ optional: true })) presence: string | undefined,
    @Res({ passthrough: true }) reply: FastifyReply,
  ): Promise<void> {
    await this.devices.leave(at, presence);
    if (presence === undefined) reply.clearCookie(stayCookie, { path: '/' });
  }

  @For('lead')
  @Get('devices')
  @ApiOkResponse({ type: [Device] })
  @Does('The devices that are signed in')
  list(@Present() at: AtWork): Promise<Device[]> {
    return this.devices.list(at);
  }

  @For('lead')
  @Delete('devices/:id')
  @HttpCode(204)
  @Does('Signs another device out')
  revoke(@Present() at: AtWork, @Param('id', Id) id: string): Promise<void> {
    return this.devices.revoke(at, id);
  }
}
