import { existsSync } from 'node:fs';
import path from 'node:path';
import fastifyStatic from '@fastify/static';
import type { NestFastifyApplication } from '@nestjs/platform-fastify';
import { spoken } from '../wording/spoken.js';

const hashedFile = /\/assets\/.+-[\w-]{8}\.\w+$/;

/** Serves the built web app, and its page for every path that is neither the API nor a file. */
export async function serveWebApp(app: NestFastifyApplication, folder: string): Promise<void> {
  if (!existsSync(path.join(folder, 'index.html'))) return;
  await app.register(fastifyStatic, {
    root: folder,
    wildcard: false,
    preCompressed: true,
    setHeaders: (reply, file) => {
      reply.header(
        'cache-control',
        hashedFile.test(file) ? 'public, max-age=31536000, immutable' : 'no-cache',
      );
    },
  });
  const fastify = app.getHttpAdapter().getInstance();
  fastify.get('/*', (request, reply) => {
    const isPage = !request.url.startsWith('/api') && !/\.\w+$/.test(request.url.split('?')[0]!);
    if (isPage) return reply.header('cache-control', 'no-cache').sendFile('index.html');
    return reply.status(404).send({ statusCode: 404, message: spoken().refusals.nothingThere(), fields: [] });
  });
}
