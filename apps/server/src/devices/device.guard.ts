import { Injectable, type CanActivate, type ExecutionContext } from '@nestjs/common';
import { Reflector } from '@nestjs/core';
import { forbidden, nobodyThere } from '../http/refusals.js';
import { deviceCookie } from './deviceCookie.js';
import { DevicesService } from './devices.service.js';
import { needsKey, type Needs, type RequestAtDevice } from '../common/present.js';
import { spoken } from '../wording/spoken.js';

/** The stay's token. The page can drop it: a screen is locked at once, whether the server hears of it or not. */
export const stayCookie = 'dotting_stay';

/** Lets a request through to what its device and adult may see. Without a decorator a route needs an adult. */
@Injectable()
export class DeviceGuard implements CanActivate {
  constructor(
    private readonly reflector: Reflector,
    private readonly devices: DevicesService,
  ) {}

  async canActivate(context: ExecutionContext): Promise<boolean> {
    const needs = this.reflector.getAllAndOverride<Needs | undefined>(needsKey, [
      context.getHandler(),
      context.getClass(),
    ]);
    if (needs === 'nothing') return true;
    const request = context.switchToHttp().getRequest<RequestAtDevice>();
    const token = request.cookies[deviceCookie];
    const atDevice = token ? await this.devices.recognise(token, request.cookies[stayCookie]) : null;
    if (!atDevice || (atDevice.endedAt && needs !== 'delivery')) throw nobodyThere('device');
    request.atDevice = atDevice;
    if (needs === 'device' || needs === 'delivery') return true;
    if (!atDevice.adult) throw nobodyThere('adult');
    if (needs && !needs.includes(atDevice.adult.role)) {
      throw forbidden(spoken().refusals.notYourRole());
    }
    return true;
  }
}
