import {
  ComeIn,
  Device,
  DeviceSignIn,
  OneTimeCode,
  OwnCode,
  OwnPassword,
  PairingView,
  PresentAdult,
  Sealing,
} from '@dotting/contract';
import {
  Body,
  Controller,
  Delete,
  Get,
  HttpCode,
  Param,
  ParseUUIDPipe,
  Post,
  Put,
  Query,
  Req,
  Res,
} from '@nestjs/common';
import { Id } from '../http/id.pipe.js';
import { ApiOkResponse, ApiTags } from '@nestjs/swagger';
import type { FastifyReply, FastifyRequest } from 'fastify';
import { stayCookie } from './device.guard.js';
import { deviceCookie, keepDeviceCookie } from './deviceCookie.js';
import { DevicesService } from './devices.service.js';
import { DeviceAlone, For, Open, Present, type AtDevice, type AtWork } from '../common/present.js';
import { Does, Refuses } from '../http/described.js';

@ApiTags('devices')
@Controller('api')
export class DevicesController {
  constructor(private readonly devices: DevicesService) {}

  @Open()
  @Post('device')
  @HttpCode(204)
  @Does('Signs this device in with an adult’s email and password')
  @Refuses(401, 409, 429)
  async signIn(@Body() body: DeviceSignIn, @Res({ passthrough: true }) reply: FastifyReply): Promise<void> {
    keepDeviceCookie(reply, await this.devices.signIn(body));
  }

  @Open()
  @Post('device/paired')
  @HttpCode(204)
  @Does('Signs this device in with a code that a lead shows on hers')
  @Refuses(401, 429)
  async joinBy(
    @Body() { code }: OneTimeCode,
    @Req() { ip }: FastifyRequest,
    @Res({ passthrough: true }) reply: FastifyReply,
  ): Promise<void> {
    keepDeviceCookie(reply, await this.devices.signInBy(code, ip));
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

  @DeviceAlone()
  @Get('devices/:id/sealing')
  @ApiOkResponse({ type: Sealing })
  @Does('The key to what a device of this site could not send when it was signed out')
  sealing(@Present() at: AtDevice, @Param('id', Id) id: string): Promise<Sealing> {
    return this.devices.sealingOf(at, id);
  }

  @For('lead')
  @Get('devices')
  @ApiOkResponse({ type: [Device] })
  @Does('The devices that are signed in')
  list(@Present() at: AtWork): Promise<Device[]> {
    return this.devices.list(at);
  }

  @For('lead')
  @Post('devices/pairing')
  @HttpCode(200)
  @ApiOkResponse({ type: PairingView })
  @Does('A code by which a new device is signed in, once')
  pair(@Present() at: AtWork): Promise<PairingView> {
    return this.devices.pair(at);
  }

  @Put('adult/password')
  @HttpCode(204)
  @Does('The adult’s own password, changed by her')
  @Refuses(401, 429)
  changePassword(@Present() at: AtWork, @Body() body: OwnPassword): Promise<void> {
    return this.devices.changeSecret(at, 'password', body);
  }

  @Put('adult/code')
  @HttpCode(204)
  @Does('The adult’s own code, changed by her')
  @Refuses(401, 429)
  changeCode(@Present() at: AtWork, @Body() body: OwnCode): Promise<void> {
    return this.devices.changeSecret(at, 'code', body);
  }

  @For('lead')
  @Delete('devices/:id')
  @HttpCode(204)
  @Does('Signs another device out')
  revoke(@Present() at: AtWork, @Param('id', Id) id: string): Promise<void> {
    return this.devices.revoke(at, id);
  }
}
