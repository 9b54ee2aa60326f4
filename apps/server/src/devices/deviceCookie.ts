import type { FastifyReply } from 'fastify';
import { deviceIdleMs } from './devices.service.js';

export const deviceCookie = 'dotting_device';

/** Keeps a device signed in, for as long as it may be idle. */
export function keepDeviceCookie(reply: FastifyReply, token: string): void {
  reply.setCookie(deviceCookie, token, {
    path: '/',
    httpOnly: true,
    sameSite: 'strict',
    secure: 'auto',
    maxAge: deviceIdleMs / 1000,
  });
}
