import { counted, traceOf } from '../testing/traces.js';
import { skillOf } from '../skills/map.js';
import { saidFor } from '../statements/saidFor.js';
import type { TraceId } from '../trace/ids.js';
import type { Happening, Trace } from '../trace/trace.js';
import { courseOf, trendOf } from './course.js';
import { dotsFor } from './skillLine.js';

const clean = (n: number): Happening[] => counted(...Array.from({ length: n }, (_, i) => i + 1));
let made = 0;
const row = (n: number, day: string, things: string, happenings = clean(n)): Trace =>
  traceOf({
    id: `try-${made++}` as TraceId,
    startedAt: `${day}T09:30:00.000+00:00`,
    set: { size: n, things, arrangement: 'row' },
    happenings,
  });
const date = '2026-03-20';
const forms = (skill: string, tries: readonly Trace[]) =>
  dotsFor(skillOf(skill), tries, saidFor(tries, date)).map((dot) => dot.form);

describe(dotsFor, () => {
  const slipped = [...clean(8), { kind: 'touch' } as const];
  const many = Array.from({ length: 8 }, (_, i) => row(6, `2026-03-0${1 + i}`, i % 2 ? 'cork' : 'shell'));

  test('full as far as it is sure, beads as far as it is likely, a ring where it did not go, specks beyond', () => {
    const more = [...many, ...many.map((one) => ({ ...one, id: `${one.id}-again` as TraceId }))];
    const line = forms('row', [...more, row(9, '2026-03-09', 'cork', slipped)]);
    expect(line.slice(0, 3)).toEqual(['full', 'full', 'full']);
    expect(['full', 'bead']).toContain(line[5]);
    expect(line[6]).toBe('speck');
    expect(line[8]).toBe('ring');
    expect(line.slice(9)).toEqual(Array.from({ length: 11 }, () => 'speck'));
  });

  test('a bead at most on one day, or with one kind of things', () => {
    const one = Array.from({ length: 6 }, () => row(6, '2026-03-02', 'cork'));
    expect(new Set(forms('row', one).slice(0, 6))).toEqual(new Set(['bead']));
  });

  test('went well once and is not claimed: half; a principle is a single dot', () => {
    expect(forms('row', [row(9, '2026-03-02', 'cork')])[8]).toBe('half');
    expect(forms('last-word', many)).toEqual(['speck']);
  });

  test('each dot opens the tries made at it', () => {
    const dots = dotsFor(skillOf('row'), many, saidFor(many, date));
    expect(dots[5]!.tries).toEqual(many.map((trace) => trace.id));
    expect(dots[6]!.tries).toEqual([]);
  });
});

describe(courseOf, () => {
  const tries = [3, 4, 6, 8, 10].flatMap((n, i) => [
    row(n, `2026-0${1 + Math.floor(i / 2)}-${10 + i}`, 'cork'),
    row(n, `2026-0${1 + Math.floor(i / 2)}-${10 + i}`, 'shell'),
  ]);

  test('is what was said on each day, never beyond what was tried by then', () => {
    const course = courseOf([skillOf('row'), skillOf('order')], tries).get('row')!;
    expect(course.length).toBe(5);
    for (const { sureTo, likelyTo, triedTo } of course) {
      expect(sureTo).toBeLessThanOrEqual(likelyTo);
      expect(likelyTo).toBeLessThanOrEqual(triedTo);
    }
    expect(trendOf(courseOf([skillOf('order')], tries).get('order')!)).toBe('rising');
  });

  test('one look is no trend', () => {
    expect(trendOf(courseOf([skillOf('row')], tries.slice(0, 1)).get('row')!)).toBe('new');
    expect(trendOf([])).toBe('new');
  });
});
