import type { InkView } from '@dotting/contract';
import { dayOf, readWritten, strokesOfTry, type ChildId } from '@dotting/core';
import { Injectable } from '@nestjs/common';
import type { AtWork } from '../common/present.js';
import { Sight } from '../sight/sight.service.js';
import { TriesService } from '../tries/tries.service.js';

/** What a child has written, as it was written. */
@Injectable()
export class InkService {
  constructor(
    private readonly sight: Sight,
    private readonly tries: TriesService,
  ) {}

  /** Every numeral with its strokes, oldest first; what was set aside, or written on paper, is not among them. */
  async of(at: AtWork, childId: ChildId): Promise<InkView> {
    await this.sight.child(at, childId);
    const traces = await this.tries.endedOf([childId]);
    return {
      numerals: traces.flatMap((trace) => {
        const strokes = strokesOfTry(trace.events);
        const reading = readWritten(trace);
        if (strokes.length === 0 || !reading || trace.setAside !== undefined) return [];
        const { wanted: n, way } = reading;
        return { try: trace.id, n, way, startedAt: trace.startedAt, day: dayOf(trace), strokes };
      }),
    };
  }
}
