import 'reflect-metadata';
import { randomUUID } from 'node:crypto';
import { sayWith } from '@dotting/contract/said';
import fastifyCompress from '@fastify/compress';
import fastifyCookie from '@fastify/cookie';
import fastifyHelmet from '@fastify/helmet';
import { ConsoleLogger } from '@nestjs/common';
import { NestFactory } from '@nestjs/core';
import { FastifyAdapter, type NestFastifyApplication } from '@nestjs/platform-fastify';
import type { FastifyReply, FastifyRequest } from 'fastify';
import { AppModule } from './app.module.js';
import { describeApi } from './openApi/document.js';
import { Patience } from './http/patience.js';
import { PlainBody } from './http/plainBody.js';
import { RefusalFilter } from './http/refusal.filter.js';
import { refuseForeign } from './http/sameOrigin.js';
import { shapes } from './http/shaped.js';
import { serveWebApp } from './http/webApp.js';
import { speakingTo, spoken } from './wording/spoken.js';

export interface AppOptions {
  readonly databaseUrl: string;
  /** Folder of the built web app; without one only the API is served. */
  readonly webFolder?: string;
  /** Log requests as lines of JSON. */
  readonly logs: boolean;
  /** Key and certificate to serve https with. */
  readonly tls?: { readonly key: Buffer; readonly cert: Buffer } | undefined;
  /** Where other devices find it, as far as that is known. */
  readonly address?: string | null;
}

/** A try of the most events allowed fits; a flood does not. */
const bodyLimitBytes = 512 * 1024;

export async function createApp({
  databaseUrl,
  webFolder,
  logs,
  tls,
  address = null,
}: AppOptions): Promise<NestFastifyApplication> {
  const adapter = new FastifyAdapter({
    ...(tls && { https: { ...tls, minVersion: 'TLSv1.2' } }),
    bodyLimit: bodyLimitBytes,
    // A body that trickles in holds nothing open for longer. In ms.
    requestTimeout: 30_000,
    // On a busy machine the files of the app are found slowly; it starts all the same.
    pluginTimeout: 60_000,
    trustProxy: 'loopback',
    // Its own, not the caller’s: what stands in the log can be trusted.
    requestIdHeader: false,
    genReqId: () => randomUUID(),
    // An address that cannot be decoded never comes to a route.
    frameworkErrors: (_error: Error, _request: FastifyRequest, reply: FastifyReply) => {
      void reply.status(400).send({ statusCode: 400, message: spoken().refusals.badAddress(), fields: [] });
    },
    logger: logs && { level: 'info', redact: ['req.headers'] },
  });
  const app = await NestFactory.create<NestFastifyApplication>(AppModule.at(databaseUrl, address), adapter, {
    abortOnError: false,
    logger: new ConsoleLogger({
      json: true,
      logLevels: logs ? ['log', 'warn', 'error', 'fatal'] : ['fatal'],
    }),
  });
  sayWith(spoken);
  await app.register(fastifyCookie);
  await app.register(fastifyHelmet, {
    contentSecurityPolicy: {
      directives: {
        defaultSrc: ["'self'"],
        scriptSrc: ["'self'"],
        workerSrc: ["'self'"],
        styleSrc: ["'self'", "'unsafe-inline'"],
        imgSrc: ["'self'", 'data:'],
        fontSrc: ["'self'"],
        connectSrc: ["'self'"],
        upgradeInsecureRequests: null,
      },
    },
    strictTransportSecurity: false,
  });
  await app.register(fastifyCompress, { threshold: 1024, encodings: ['br', 'gzip'] });
  // Whoever asks is answered in a language they read.
  adapter
    .getInstance()
    .addHook('onRequest', (request, _reply, done) => speakingTo(request.headers['accept-language'], done));
  adapter.getInstance().addHook('onRequest', refuseForeign);
  // An adult who reports a fault can say which request it was, and it is found in the log.
  adapter.getInstance().addHook('onRequest', (request, reply, done) => {
    void reply.header('x-request-id', request.id);
    done();
  });
  // What is about children stays in no cache, of the browser's or on the way.
  adapter.getInstance().addHook('onSend', (request, reply, _payload, done) => {
    if (request.url.startsWith('/api')) void reply.header('cache-control', 'no-store');
    done();
  });
  app.useGlobalPipes(new PlainBody(), shapes);
  app.useGlobalInterceptors(new Patience());
  app.useGlobalFilters(new RefusalFilter());
  describeApi(app);
  if (webFolder !== undefined) await serveWebApp(app, webFolder);
  app.enableShutdownHooks();
  return app;
}
