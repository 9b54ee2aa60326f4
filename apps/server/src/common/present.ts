import type { PresentAdult, Role } from '@dotting/contract';
import { createParamDecorator, SetMetadata, type ExecutionContext } from '@nestjs/common';
import type { FastifyRequest } from 'fastify';

/** A signed-in device, and the adult at it if one is there. */
export interface AtDevice {
  readonly deviceId: string;
  readonly siteId: string;
  readonly adult: PresentAdult | null;
  /** When the device was signed out; what was recorded at it before may still be delivered. */
  readonly endedAt?: Date;
}

/** An adult at work at a signed-in device: first argument of every query about children. */
export interface AtWork {
  readonly deviceId: string;
  readonly siteId: string;
  readonly adult: PresentAdult;
}

export type RequestAtDevice = FastifyRequest & { atDevice?: AtDevice };

export const needsKey = 'needs';
/** What a route needs before it answers. */
export type Needs = 'nothing' | 'delivery' | 'device' | readonly Role[];

/** Answers anybody. */
export const Open = () => SetMetadata(needsKey, 'nothing' satisfies Needs);
/** Answers a signed-in device even while no adult is at it. */
export const DeviceAlone = () => SetMetadata(needsKey, 'device' satisfies Needs);
/** Takes what was recorded at a device, also after it was signed out, and whoever is there. */
export const Delivery = () => SetMetadata(needsKey, 'delivery' satisfies Needs);
/** Answers adults of these roles only. */
export const For = (...roles: Role[]) => SetMetadata(needsKey, roles satisfies Needs);

export const Present = createParamDecorator((_: unknown, context: ExecutionContext): AtDevice => {
  const { atDevice } = context.switchToHttp().getRequest<RequestAtDevice>();
  if (!atDevice) throw new Error('This route is open to all, so nobody is known to be present.');
  return atDevice;
});
