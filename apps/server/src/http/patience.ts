import {
  Injectable,
  ServiceUnavailableException,
  type CallHandler,
  type NestInterceptor,
} from '@nestjs/common';
import { throwError, timeout, type Observable } from 'rxjs';
import { spoken } from '../wording/spoken.js';

/** Longer than anything here takes, a child's record and a waiting screen included. In ms. */
const patienceMs = 60_000;

/** A request that waits for a database that has stopped is answered all the same. */
@Injectable()
export class Patience implements NestInterceptor {
  intercept(_: unknown, next: CallHandler): Observable<unknown> {
    const late = () => throwError(() => new ServiceUnavailableException(spoken().refusals.noDatabase()));
    return next.handle().pipe(timeout({ first: patienceMs, with: late }));
  }
}
