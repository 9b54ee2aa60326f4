import { counted, traceOf } from '../testing/traces.js';
import type { ChildId } from '../trace/ids.js';
import { daysBetween } from '../estimates/axis.js';
import { seededRandom } from '../common/random.js';
import { dueFor, type ChildLooks } from './due.js';
import { saidFor } from '../statements/saidFor.js';
import type { Trace } from '../trace/trace.js';
import { strands } from '../shelf/task.js';
import { summarise, type LookSummary } from './looks.js';

const date = '2026-03-23';
const look = (facts: Partial<LookSummary> = {}): LookSummary => ({
  skill: 'row',
  strand: 'one-to-one',
  first: '2026-03-20',
  last: '2026-03-20',
  isOpen: false,
  isFading: false,
  ...facts,
});
const allStrands = [
  look(),
  look({ skill: 'order', strand: 'stable-order' }),
  look({ skill: 'last-word', strand: 'cardinality' }),
];
const whole = [...allStrands, look({ skill: 'count-on', strand: 'counting-on-and-back' })];
const child = (id: string, looks: readonly LookSummary[]): ChildLooks => ({ childId: id as ChildId, looks });

describe(dueFor, () => {
  test('a child nobody has looked at comes first, then what nears eight weeks, then doubts, then open questions', () => {
    const due = dueFor(
      [
        child('open', [...allStrands, look({ skill: 'ring', last: '2026-03-10', isOpen: true })]),
        child('fading', [...allStrands, look({ skill: 'ring', isFading: true })]),
        child('weeks', [look({ last: '2026-02-01' }), ...allStrands.slice(1)]),
        child('new', []),
        child('well', allStrands),
      ],
      date,
      9,
    );
    expect(due.map((one) => [one.childId, one.because])).toEqual([
      ['new', 'never'],
      ['weeks', 'weeks'],
      ['fading', 'fading'],
      ['open', 'open-question'],
    ]);
  });

  test('comparing, numerals and the others are due by themselves once a child has been seen for eight weeks', () => {
    const seenFor = (first: string) => [...whole.slice(0, 3), { ...whole[3]!, first }];
    expect(dueFor([child('a', seenFor('2026-03-02'))], date, 9)).toEqual([]);
    expect(dueFor([child('a', seenFor('2026-01-10'))], date, 9)).toMatchObject([
      { because: 'strand-never', strand: 'comparing', skill: 'more' },
    ]);
    const compared = look({ skill: 'more', strand: 'comparing' });
    expect(dueFor([child('a', [...seenFor('2026-01-10'), compared])], date, 9)).toMatchObject([
      { because: 'strand-never', strand: 'numeral-recognition', skill: 'name-numeral' },
    ]);
    // Nobody writes numerals before some are read.
    const asked = look({ skill: 'name-numeral', strand: 'numeral-recognition', isOpen: true });
    expect(dueFor([child('a', [...seenFor('2026-01-10'), compared, asked])], date, 9)).toMatchObject([
      { because: 'strand-never', strand: 'seeing-how-many', skill: 'see-few' },
    ]);
    const read = look({ skill: 'name-numeral', strand: 'numeral-recognition' });
    expect(dueFor([child('a', [...seenFor('2026-01-10'), compared, read])], date, 9)).toMatchObject([
      { because: 'strand-never', strand: 'numeral-formation', skill: 'form-numeral' },
    ]);
  });

  test('what was looked at the last time waits for what was not, though it has faded', () => {
    const order = look({ skill: 'order', strand: 'stable-order', isFading: true });
    const open = look({ skill: 'ring', last: '2026-03-10', isOpen: true });
    const last = look({ skill: 'last-word', strand: 'cardinality', last: '2026-03-18' });
    expect(dueFor([child('a', [order, open, last])], date, 9)).toMatchObject([
      { because: 'open-question', skill: 'ring' },
    ]);
    // Where nothing else waits it is due all the same, and of an earlier day it comes first.
    expect(dueFor([child('a', [order, look(), last])], date, 9)).toMatchObject([{ because: 'fading' }]);
    const earlier = { ...order, last: '2026-03-15' };
    expect(dueFor([child('a', [earlier, open, last])], date, 9)).toMatchObject([{ because: 'fading' }]);
  });

  test('an open question rests for a week', () => {
    const open = (last: string) =>
      dueFor([child('a', [...allStrands, look({ last, isOpen: true })])], date, 9);
    expect(open('2026-03-18')).toEqual([]);
    expect(open('2026-03-16')).toHaveLength(1);
  });

  test('children due for the same since the same day come in the order of their ids', () => {
    const since = (id: string) => child(id, [look({ last: '2026-02-01' }), ...allStrands.slice(1)]);
    const due = dueFor([since('c'), since('a'), since('b')], date, 9);
    expect(due.map((one) => one.childId)).toEqual(['a', 'b', 'c']);
  });

  test('a strand is due two weeks before eight are over, and not a day sooner', () => {
    const since = (last: string) => dueFor([child('a', [look({ last }), ...allStrands.slice(1)])], date, 9);
    expect(since('2026-02-10')).toEqual([]);
    expect(since('2026-02-09')).toMatchObject([
      { because: 'weeks', strand: 'one-to-one', last: '2026-02-09' },
    ]);
  });

  test('counting on is due once something of the words is sure and fetching and the last word were looked at', () => {
    const dueOf = (looks: readonly LookSummary[]) => dueFor([child('a', looks)], date, 9);
    const fetched = look({ skill: 'fetch', strand: 'cardinality' });
    expect(dueOf([...allStrands, fetched])).toMatchObject([
      { because: 'strand-never', strand: 'counting-on-and-back', skill: 'count-on' },
    ]);
    expect(dueOf(allStrands)).toEqual([]);
    expect(dueOf([allStrands[0]!, allStrands[1]!, fetched])).toEqual([]);
    const unsure = look({ skill: 'order', strand: 'stable-order', isOpen: true });
    expect(dueOf([allStrands[0]!, unsure, allStrands[2]!, fetched])).toEqual([]);
  });

  test('names a skill of the strand that is due, though another strand was last looked at on the same day', () => {
    const last = '2026-02-01';
    const looks = [
      look({ last }),
      look({ skill: 'order', strand: 'stable-order', last }),
      look({ skill: 'last-word', strand: 'cardinality' }),
    ];
    expect(dueFor([child('a', looks)], date, 9)).toMatchObject([{ strand: 'stable-order', skill: 'order' }]);
    expect(dueFor([child('a', looks.toReversed())], date, 9)).toMatchObject([
      { strand: 'stable-order', skill: 'order' },
    ]);
  });

  test('no day gets more than the room can do', () => {
    const many = Array.from({ length: 30 }, (_, i) => child(`child-${i}`, []));
    expect(dueFor(many, date, 4)).toHaveLength(4);
  });

  test('over a year of 26 children no strand of a child goes unlooked-at for more than eight weeks', () => {
    const random = seededRandom(3);
    // One strand a look: nine strands every eight weeks want so many a day.
    const limit = 8;
    let children = Array.from({ length: 26 }, (_, i) => child(`child-${String(i).padStart(2, '0')}`, []));
    const start = Date.parse('2026-01-05T00:00:00Z');
    let longest = 0;
    for (let day = 0; day < 365; day++) {
      const now = new Date(start + day * 86_400_000);
      const on = now.toISOString().slice(0, 10);
      const isHoliday = day > 200 && day < 212;
      if ([0, 6].includes(now.getUTCDay()) || isHoliday) continue;
      const due = dueFor(children, on, limit);
      expect(due.length).toBeLessThanOrEqual(limit);
      children = children.map((one) => {
        const mine = due.find((each) => each.childId === one.childId);
        if (!mine) return one;
        const { skill } = mine;
        const rest = one.looks.filter((each) => each.skill !== skill);
        return child(one.childId, [
          ...rest,
          look({
            skill,
            strand: mine.strand,
            last: on, // Some numerals are read, or none would be written.
            isOpen: skill !== 'name-numeral' && random() < 0.5,
          }),
        ]);
      });
      for (const { looks } of children) {
        for (const strand of strands) {
          const last = looks
            .filter((each) => each.strand === strand)
            .map((each) => each.last)
            .sort()
            .at(-1);
          if (last) longest = Math.max(longest, daysBetween(last, on));
        }
      }
    }
    const never = (looks: readonly LookSummary[]) =>
      strands.filter((strand) => looks.every((each) => each.strand !== strand));
    // Nobody was asked for the last word, which going on from a number waits for.
    expect(children.map(({ looks }) => never(looks))).toEqual(children.map(() => ['counting-on-and-back']));
    expect(longest).toBeLessThanOrEqual(56);
  });
});

describe(summarise, () => {
  const clean = (id: string, day: string, things: string) =>
    traceOf({
      id: id as never,
      startedAt: `${day}T09:30:00.000+00:00`,
      set: { size: 8, things, arrangement: 'row' },
      happenings: counted(1, 2, 3, 4, 5, 6, 7, 8),
    });

  test('says when each skill was last looked at, and what is open', () => {
    const looks = summarise([clean('a', '2026-03-02', 'cork'), clean('b', '2026-03-09', 'cork')], date);
    expect(looks.map(({ skill, strand, last }) => [skill, strand, last])).toEqual([
      ['order', 'stable-order', '2026-03-09'],
      ['row', 'one-to-one', '2026-03-09'],
    ]);
    // Always the same things: not firm.
    expect(looks.find((one) => one.skill === 'row')!.isOpen).toBe(true);
  });

  test('a day of misses takes back what was sure without its having faded', () => {
    const good = Array.from({ length: 12 }, (_, i) =>
      clean(`g${i}`, `2026-03-${i % 2 ? '10' : '03'}`, i % 2 ? 'cork' : 'shell'),
    );
    const bad = Array.from({ length: 8 }, (_, i) =>
      traceOf({
        id: `b${i}` as never,
        startedAt: `${date}T09:30:00.000+00:00`,
        set: { size: 5, things: 'cork', arrangement: 'row' },
        happenings: counted(1, 2, 3, 4, 5, 6),
      }),
    );
    const sure = (tries: Trace[]) => saidFor(tries, date).find((one) => one.skill === 'row');
    expect(sure(good)).toMatchObject({ certainty: 'sure' });
    expect(sure([...good, ...bad])).not.toMatchObject({ certainty: 'sure' });
    expect(summarise([...good, ...bad], date).find((one) => one.skill === 'row')).toMatchObject({
      isFading: false,
    });
  });

  test('what was sure fades with time alone', () => {
    const tries = Array.from({ length: 12 }, (_, i) =>
      clean(`t${i}`, `2026-0${1 + (i % 2)}-1${i % 9}`, i % 2 ? 'cork' : 'shell'),
    );
    const fading = (on: string) => summarise(tries, on).some((one) => one.isFading);
    expect(fading('2026-02-18')).toBe(false);
    expect(fading('2027-12-18')).toBe(true);
  });
});
