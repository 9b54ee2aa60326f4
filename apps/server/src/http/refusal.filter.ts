import type { Refusal } from '@dotting/contract';
import { Catch, HttpException, Logger, type ArgumentsHost, type ExceptionFilter } from '@nestjs/common';
import type { FastifyReply, FastifyRequest } from 'fastify';
import { QueryFailedError } from 'typeorm';
import { RefusedException } from './refusals.js';

/** Turns whatever was thrown into a Refusal. What is logged of it never holds a value from a query. */
@Catch()
export class RefusalFilter implements ExceptionFilter {
  private readonly logger = new Logger('http');

  catch(error: unknown, host: ArgumentsHost): void {
    const http = host.switchToHttp();
    const reply = http.getResponse<FastifyReply>();
    const refusal = refusalOf(error);
    if (refusal.statusCode >= 500) this.log(error, http.getRequest<FastifyRequest>());
    void reply.status(refusal.statusCode).send(refusal);
  }

  private log(error: unknown, request: FastifyRequest): void {
    const where = `${request.method} ${request.routeOptions.url ?? 'unknown route'}`;
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
    return { statusCode: error.getStatus(), message: error.message, fields: error.fields };
  }
  if (error instanceof HttpException) {
    return { statusCode: error.getStatus(), message: error.message, fields: [] };
  }
  if (isFastifyError(error) && error.statusCode >= 400 && error.statusCode < 500) {
    return { statusCode: error.statusCode, message: wordsFor[error.code] ?? error.message, fields: [] };
  }
  return {
    statusCode: 500,
    message: 'Something went wrong at the server. Nothing was stored; try again.',
    fields: [],
  };
}

const wordsFor: Record<string, string> = {
  FST_ERR_CTP_BODY_TOO_LARGE: 'That is more than one request may hold. Send fewer events at a time.',
  FST_ERR_CTP_INVALID_MEDIA_TYPE: 'Send the request as JSON.',
  FST_ERR_CTP_EMPTY_JSON_BODY: 'The request is empty. Send it as JSON.',
  FST_ERR_CTP_INVALID_JSON_BODY: 'The request is not well-formed JSON.',
};

function isFastifyError(error: unknown): error is { statusCode: number; code: string; message: string } {
  return error instanceof Error && 'statusCode' in error && typeof error.statusCode === 'number';
}
