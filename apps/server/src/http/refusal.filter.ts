import type { Refusal } from '@dotting/contract';
import { Catch, HttpException, Logger, type ArgumentsHost, type ExceptionFilter } from '@nestjs/common';
import type { FastifyReply, FastifyRequest } from 'fastify';
import { QueryFailedError } from 'typeorm';
import { RefusedException } from './refusals.js';
import { spoken } from '../wording/spoken.js';

/** Turns whatever was thrown into a Refusal. What is logged of it never holds a value from a query. */
@Catch()
export class RefusalFilter implements ExceptionFilter {
  private readonly logger = new Logger('http');

  catch(error: unknown, host: ArgumentsHost): void {
    const http = host.switchToHttp();
    const reply = http.getResponse<FastifyReply>();
    const refusal = refusalOf(error);
    if (refusal.statusCode >= 500) this.log(error, http.getRequest<FastifyRequest>());
    // Whatever the route would have answered with, a refusal is JSON.
    void reply.status(refusal.statusCode).type('application/json').send(refusal);
  }

  private log(error: unknown, request: FastifyRequest): void {
    const where = `${request.id}: ${request.method} ${request.routeOptions.url ?? 'unknown route'}`;
    if (error instanceof QueryFailedError) {
      const { code } = error.driverError as { code?: string };
      this.logger.error(`${where}: the database refused a query (${code ?? 'no code'})`);
    } else if (error instanceof Error) {
      this.logger.error(`${where}: ${error.name}`, error.stack);
    } else {
      this.logger.error(`${where}: something that is no error was thrown`);
    }
  }
}

function refusalOf(error: unknown): Refusal {
  if (error instanceof RefusedException) {
    const { message, fields, more } = error;
    return { statusCode: error.getStatus(), message, fields, ...more };
  }
  if (error instanceof HttpException || isFastifyError(error)) {
    const statusCode = error instanceof HttpException ? error.getStatus() : error.statusCode;
    if (statusCode < 500)
      return { statusCode, message: wordsFor[statusCode]?.() ?? error.message, fields: [] };
    if (statusCode === 503) return { statusCode, message: error.message, fields: [] };
  }
  const refusedBy = error instanceof QueryFailedError && (error.driverError as { code?: string }).code;
  const known = refusedBy ? databaseRefusals[refusedBy] : undefined;
  if (known) return { statusCode: known.statusCode, message: known.message(), fields: [] };
  return {
    statusCode: 500,
    message: spoken().refusals.serverBroke(),
    fields: [],
  };
}

/** What a request can make the database refuse although its shape is right. */
const databaseRefusals: Record<string, { readonly statusCode: number; readonly message: () => string }> = {
  ER_DUP_ENTRY: {
    statusCode: 409,
    message: () => spoken().refusals.storedTwice(),
  },
  ER_DATA_TOO_LONG: { statusCode: 400, message: () => spoken().refusals.tooLong() },
  ER_WARN_DATA_OUT_OF_RANGE: {
    statusCode: 400,
    message: () => spoken().refusals.tooLarge(),
  },
};

/** In place of what the framework says by itself. */
const wordsFor: Record<number, () => string> = {
  413: () => spoken().refusals.tooMuch(),
  415: () => spoken().refusals.notJson(),
};

function isFastifyError(error: unknown): error is Error & { statusCode: number } {
  return error instanceof Error && 'statusCode' in error && typeof error.statusCode === 'number';
}
