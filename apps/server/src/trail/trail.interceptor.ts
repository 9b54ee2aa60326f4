import { Injectable, type CallHandler, type ExecutionContext, type NestInterceptor } from '@nestjs/common';
import { from, mergeMap, type Observable } from 'rxjs';
import type { AtWork, RequestAtDevice } from '../common/present.js';
import { leftBy } from './traces.js';
import type { About } from './trail.entity.js';
import { TrailService } from './trail.service.js';

/** Puts on the trail what was asked for and was not refused, before it is answered. */
@Injectable()
export class TrailInterceptor implements NestInterceptor {
  constructor(private readonly trail: TrailService) {}

  intercept(context: ExecutionContext, next: CallHandler): Observable<unknown> {
    const request = context.switchToHttp().getRequest<RequestAtDevice>();
    const leaves = leftBy(request.method, request.routeOptions.url ?? '');
    const { atDevice } = request;
    if (!leaves || !atDevice?.adult) return next.handle();
    const at: AtWork = { ...atDevice, adult: atDevice.adult };
    // Whose try it was is asked before it may be gone.
    return from(this.aboutOf(request)).pipe(
      mergeMap(([about, id]) =>
        next.handle().pipe(
          mergeMap(async (answer: unknown) => {
            await this.trail.leave(at, leaves, about, id);
            return answer;
          }),
        ),
      ),
    );
  }

  private async aboutOf(request: RequestAtDevice): Promise<readonly [About, string]> {
    const params = request.params as Readonly<Record<string, string>>;
    const id = (params['id'] ?? params['room'] ?? '').toLowerCase();
    const route = request.routeOptions.url ?? '';
    if (/\/tries\/:id/.test(route)) {
      const child = await this.trail.childOf(id);
      return child === undefined ? ['none', ''] : ['child', child];
    }
    if (/\/children\/:id/.test(route)) return ['child', id];
    if (/\/rooms\/:(id|room)/.test(route)) return ['room', (params['room'] ?? id).toLowerCase()];
    return /\/adults\/:id/.test(route) ? ['adult', id] : ['none', ''];
  }
}
