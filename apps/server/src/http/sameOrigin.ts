import type { FastifyReply, FastifyRequest } from 'fastify';
import { spoken } from '../wording/spoken.js';

const changesNothing = new Set(['GET', 'HEAD', 'OPTIONS']);

/**
 * Refuses what another page has a browser send in an adult's name: a browser says where a request comes from.
 * A program that says nothing of it holds no cookie by accident.
 */
export function refuseForeign(request: FastifyRequest, reply: FastifyReply, done: () => void): void {
  if (changesNothing.has(request.method) || !isForeign(request)) return done();
  void reply.status(403).send({ statusCode: 403, message: spoken().refusals.otherPage(), fields: [] });
}

function isForeign({ headers, host }: FastifyRequest): boolean {
  const site = headers['sec-fetch-site'];
  if (site !== undefined) return site !== 'same-origin' && site !== 'none';
  const { origin } = headers;
  return origin !== undefined && !(URL.canParse(origin) && new URL(origin).host === host);
}
