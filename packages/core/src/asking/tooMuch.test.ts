import { counted, traceOf } from '../testing/traces.js';
import type { SittingId, TraceId } from '../trace/ids.js';
import type { Trace } from '../trace/trace.js';
import { beginSitting } from './beginSitting.js';
import { nextInSitting } from './nextInSitting.js';
import { tooMuchLastTime } from './tooMuch.js';

const day = '2026-03-20';
let made = 0;
const tried = (on: string, sitting: string, facts: Parameters<typeof traceOf>[0] = {}): Trace =>
  traceOf({
    id: `try-${made++}` as TraceId,
    sittingId: sitting as SittingId,
    startedAt: `${on}T09:${String(10 + made).padStart(2, '0')}:00.000+00:00`,
    set: { size: 9, things: 'shell', arrangement: 'row' },
    target: 9,
    happenings: counted(1, 2, 3, 4, 5, 6, 7, 8, 9),
    ...facts,
  });
const refused = (on: string, sitting: string, facts: Parameters<typeof traceOf>[0] = {}): Trace =>
  tried(on, sitting, { ended: 'refused', happenings: [], ...facts });

describe(tooMuchLastTime, () => {
  test('a try of the last sit-down that the child did not want, or was too upset for', () => {
    expect(tooMuchLastTime([tried('2026-03-12', 'a'), refused('2026-03-13', 'b')], day)).toEqual({
      because: 'refused',
      things: 'shell',
      most: 8,
    });
    const upset = tried('2026-03-13', 'b', { setAside: 'tired or upset', upset: true });
    expect(tooMuchLastTime([upset, tried('2026-03-13', 'b')], day)).toMatchObject({ because: 'upset' });
  });

  test('a sit-down that went well after it takes it back, as does a long time', () => {
    expect(tooMuchLastTime([refused('2026-03-12', 'a'), tried('2026-03-13', 'b')], day)).toBeNull();
    expect(tooMuchLastTime([refused('2026-03-13', 'b')], '2026-06-05')).not.toBeNull();
    expect(tooMuchLastTime([refused('2026-03-13', 'b')], '2026-06-06')).toBeNull();
    expect(tooMuchLastTime([], day)).toBeNull();
  });

  test('few things stay few', () => {
    const few = { set: { size: 2, things: 'shell', arrangement: 'row' } as const, target: 2 };
    expect(tooMuchLastTime([refused('2026-03-13', 'b', few)], day)?.most).toBe(3);
  });
});

describe('the sit-down after one that was too much', () => {
  const earlier = [...Array.from({ length: 6 }, () => tried('2026-03-06', 'a')), refused('2026-03-13', 'b')];
  const common = { birthDate: '2022-03-01', language: 'en', day, minutes: 4, most: null } as const;
  const step = { task: 'count-row', n: 12 } as const;

  test('is shorter, has nothing else in it, and names the things to leave', () => {
    const { plan, gently } = beginSitting({ ...common, step, earlier });
    expect(plan).toMatchObject({ minutes: 2, other: null });
    expect(gently).toMatchObject({ things: 'shell', because: 'refused' });
    const usual = beginSitting({ ...common, step, earlier: earlier.slice(0, -1) });
    expect(usual.plan.minutes).toBe(4);
    expect(usual.plan.other).not.toBeNull();
    expect(usual.gently).toBeNull();
  });

  test('asks no more than what was too much, whatever goes well', () => {
    const tries = [tried(day, 'c')];
    const plan = { minutes: 4, main: 'count-row', other: null } as const;
    const next = (before: readonly Trace[]) =>
      nextInSitting({
        earlier: before,
        tries,
        birthDate: '2022-03-01',
        plan,
        pausedMs: 0,
        now: tries[0]!.startedAt,
      });
    expect(next(earlier).n).toBeLessThanOrEqual(8);
    expect(next(earlier.slice(0, -1)).n).toBeGreaterThan(8);
  });

  test('and in a sitting a child that wants no more is asked no more', () => {
    const tries = [tried(day, 'c'), refused(day, 'c')];
    const plan = { minutes: 4, main: 'count-row', other: 'how-many' } as const;
    const next = nextInSitting({
      earlier: [],
      tries,
      birthDate: '2022-03-01',
      plan,
      pausedMs: 0,
      now: tries[1]!.startedAt,
    });
    expect(next).toMatchObject({ isOver: true, why: { kind: 'enough' } });
  });
});
