import 'reflect-metadata';
import fastifyCookie from '@fastify/cookie';
import fastifyHelmet from '@fastify/helmet';
import { ConsoleLogger, ValidationPipe } from '@nestjs/common';
import { NestFactory } from '@nestjs/core';
import { FastifyAdapter, type NestFastifyApplication } from '@nestjs/platform-fastify';
import { AppModule } from './app.module.js';
import { describeApi } from './http/openApi.js';
import { RefusalFilter } from './http/refusal.filter.js';
import { refusedFields } from './http/refusals.js';
import { serveWebApp } from './http/webApp.js';

export interface AppOptions {
  readonly databaseUrl: string;
  /** Folder of the built web app; without one only the API is served. */
  readonly webFolder?: string;
  /** Log requests as lines of JSON. */
  readonly logs: boolean;
}

/** A try of the most events allowed fits; a flood does not. */
const bodyLimitBytes = 512 * 1024;

export async function createApp({
  databaseUrl,
  webFolder,
  logs,
}: AppOptions): Promise<NestFastifyApplication> {
  const adapter = new FastifyAdapter({
    bodyLimit: bodyLimitBytes,
    trustProxy: 'loopback',
    logger: logs && { level: 'info', redact: ['req.headers'] },
  });
  const app = await NestFactory.create<NestFastifyApplication>(AppModule.at(databaseUrl), adapter, {
    abortOnError: false,
    logger: new ConsoleLogger({
      json: true,
      logLevels: logs ? ['log', 'warn', 'error', 'fatal'] : ['fatal'],
    }),
  });
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
  app.useGlobalPipes(
    new ValidationPipe({
      transform: true,
      whitelist: true,
      forbidNonWhitelisted: true,
      exceptionFactory: refusedFields,
    }),
  );
  app.useGlobalFilters(new RefusalFilter());
  describeApi(app);
  if (webFolder !== undefined) await serveWebApp(app, webFolder);
  app.enableShutdownHooks();
  return app;
}
