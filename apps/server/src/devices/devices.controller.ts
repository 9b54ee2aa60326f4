import { ComeIn, Device, DeviceSignIn, PresentAdult } from '@dotting/contract';
import { Body, Controller, Delete, Get, HttpCode, Param, ParseUUIDPipe, Post, Res } from '@nestjs/common';
import { ApiOkResponse, ApiTags } from '@nestjs/swagger';
import type { FastifyReply } from 'fastify';
import { deviceCookie } from './device.guard.js';
import { deviceIdleMs, DevicesService } from './devices.service.js';
import { DeviceAlone, For, Open, Present, type AtDevice, type AtWork } from './present.js';

@ApiTags('devices')
@Controller('api')
export class DevicesController {
  constructor(private readonly devices: DevicesService) {}

  @Open()
  @Post('device')
  @HttpCode(204)
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
  async signOut(@Present() at: AtDevice, @Res({ passthrough: true }) reply: FastifyReply): Promise<void> {
    await this.devices.revoke(at, at.deviceId);
    reply.clearCookie(deviceCookie, { path: '/' });
  }

  @DeviceAlone()
  @Post('adult')
  @HttpCode(200)
  @ApiOkResponse({ type: PresentAdult })
  comeIn(@Present() at: AtDevice, @Body() body: ComeIn): Promise<PresentAdult> {
    return this.devices.comeIn(at, body);
  }

  @DeviceAlone()
  @Delete('adult')
  @HttpCode(204)
  leave(@Present() at: AtDevice): Promise<void> {
    return this.devices.leave(at);
  }

  @For('lead')
  @Get('devices')
  @ApiOkResponse({ type: [Device] })
  list(@Present() at: AtWork): Promise<Device[]> {
    return this.devices.list(at);
  }

  @For('lead')
  @Delete('devices/:id')
  @HttpCode(204)
  revoke(@Present() at: AtWork, @Param('id', ParseUUIDPipe) id: string): Promise<void> {
    return this.devices.revoke(at, id);
  }
}
