import { existsSync } from 'node:fs';
import path from 'node:path';
import fastifyStatic from '@fastify/static';
import type { NestFastifyApplication } from '@nestjs/platform-fastify';
import { spoken } from '../wording/spoken.js';

/** A file whose name changes with what is in it, packed or not. */
const hashedFile = /\/assets\/.+-[\w-]{8}\.\w+(?:\.(?:br|gz))?$/;

/** Heads that mean something on a page or an answer only; on forty pieces of script they weigh as much as one more. */
const ofPages = [
  'content-security-policy',
  'cross-origin-opener-policy',
  'origin-agent-cluster',
  'referrer-policy',
  'x-dns-prefetch-control',
  'x-download-options',
  'x-frame-options',
  'x-permitted-cross-domain-policies',
  'x-request-id',
  'x-xss-protection',
  'etag',
  'last-modified',
  'accept-ranges',
];

/** Serves the built web app, and its page for every path that is neither the API nor a file. */
export async function serveWebApp(app: NestFastifyApplication, folder: string): Promise<void> {
  if (!existsSync(path.join(folder, 'index.html'))) return;
  await app.register(fastifyStatic, {
    root: folder,
    wildcard: false,
    preCompressed: true,
    setHeaders: (reply, file) => {
      const isForever = hashedFile.test(file);
      reply.header('cache-control', isForever ? 'public, max-age=31536000, immutable' : 'no-cache');
      if (!isForever) return;
      for (const name of ofPages) {
        reply.removeHeader(name);
        // What guards a page is set past Fastify.
        reply.raw.removeHeader(name);
      }
    },
  });
  const fastify = app.getHttpAdapter().getInstance();
  fastify.get('/*', (request, reply) => {
    const isPage = !request.url.startsWith('/api') && !/\.\w+$/.test(request.url.split('?')[0]!);
    if (isPage) return reply.header('cache-control', 'no-cache').sendFile('index.html');
    return reply.status(404).send({ statusCode: 404, message: spoken().refusals.nothingThere(), fields: [] });
  });
}
