import 'fake-indexeddb/auto';
import type { ChildPage, NextStepView, PresentAdult } from '@dotting/contract';
import { usualSchools, type StaffId, type TraceEvent, type TraceId } from '@dotting/core';
import { database, keptTry } from '../outbox/database.js';
import { caughtUp, notedStep, type Noted } from '../outbox/journal.js';
import { takeUpSteps } from '../outbox/takeUp.js';
import { phaseOf, type Sitting } from '../outbox/sitting.js';
import { SittingStore } from './sittingStore.js';
import { fresh } from './testing.js';

const adult = { id: 'adult' as StaffId, presence: 'stay', firstName: 'Tomasz' } as PresentAdult;
const step = { task: 'count-row', n: 4, things: 'cork', why: '' } as NextStepView;
const page = (): Promise<ChildPage> =>
  Promise.resolve({
    child: fresh.child,
    steps: [step],
    easier: step,
    metTasks: [] as string[],
    recent: [] as ChildPage['recent'],
    schools: usualSchools,
  } as ChildPage);

const stored = new Map<string, string>();

const later = setTimeout;

beforeAll(() => {
  Object.assign(globalThis, {
    localStorage: {
      getItem: (key: string) => stored.get(key) ?? null,
      setItem: (key: string, value: string) => void stored.set(key, value),
      removeItem: (key: string) => void stored.delete(key),
      key: (place: number) => [...stored.keys()][place] ?? null,
      get length() {
        return stored.size;
      },
    },
    window: { addEventListener: () => undefined, removeEventListener: () => undefined },
    navigator: {},
    fetch: () => Promise.reject(new TypeError('network')),
    // What is to be sent again later does not keep the tests from ending.
    setTimeout: (act: () => void, ms: number) => later(act, ms).unref(),
  });
});

beforeEach(async () => {
  stored.clear();
  const db = await database();
  for (const name of ['sittings', 'tries', 'events'] as const) await db.clear(name);
});

const open = () => SittingStore.open(adult, 'child', page);
const count = { kind: 'gesture', gesture: { kind: 'next' } } as const;
const wordsOf = (sitting: Sitting) =>
  sitting.tries.map((one) => one.events.map((event) => (event.kind === 'count' ? event.word : event.kind)));

/** Until the store has told that a step is on the disk, and the note of it is gone. */
async function untilKept(store: SittingStore): Promise<void> {
  while (notedStep('adult:child')) await new Promise<void>((told) => store.subscribe(() => told()));
}

/** Holds the disk, as a busy device does, so that nothing is kept before it is let go. */
async function holdDisk(): Promise<() => void> {
  const transaction = (await database()).transaction(['sittings', 'tries', 'events'], 'readwrite');
  let isHeld = true;
  const hold = async (): Promise<void> => {
    while (isHeld) await transaction.objectStore('tries').count();
  };
  const held = hold();
  return () => {
    isHeld = false;
    void held;
  };
}

describe('a step that IndexedDB has not got to yet', () => {
  test('the very first taps of a sitting are there after a reload', async () => {
    const store = await open();
    const letGo = await holdDisk();
    store.dispatch(count);
    store.dispatch(count);
    // What a page that begins again finds, before the old one's writing has got through.
    const noted = notedStep('adult:child')!;
    letGo();
    await untilKept(store);
    const db = await database();
    for (const name of ['sittings', 'tries', 'events'] as const) await db.clear(name);
    stored.set('dotting-step:adult:child', JSON.stringify(noted));
    const again = (await open()).read();
    expect(wordsOf(again)).toEqual([[1, 2]]);
    expect(again.id).toBe(store.read().id);
    expect(phaseOf(again)).toBe('counting');
  });

  test('taps after those on the disk are there too, and none twice', async () => {
    const store = await open();
    store.dispatch(count);
    store.dispatch(count);
    await untilKept(store);
    const letGo = await holdDisk();
    store.dispatch(count);
    const noted = stored.get('dotting-step:adult:child')!;
    expect((JSON.parse(noted) as Noted).events).toHaveLength(1);
    letGo();
    await untilKept(store);
    // Once with the step on the disk as well, once without.
    stored.set('dotting-step:adult:child', noted);
    expect(wordsOf((await open()).read())).toEqual([[1, 2, 3]]);
    const { id } = store.read().tries[0]!;
    await (await database()).delete('events', [id, 2]);
    stored.set('dotting-step:adult:child', noted);
    const again = await open();
    await untilKept(again);
    expect(await (await database()).count('events')).toBe(3);
    expect(wordsOf(again.read())).toEqual([[1, 2, 3]]);
    again.dispatch(count);
    await untilKept(again);
    stored.clear();
    expect(wordsOf((await open()).read())).toEqual([[1, 2, 3, 4]]);
  });

  test('a step whose page was left is sent, whoever is here next', async () => {
    const store = await open();
    store.dispatch(count);
    await untilKept(store);
    const letGo = await holdDisk();
    store.dispatch(count);
    const noted = stored.get('dotting-step:adult:child')!;
    letGo();
    await untilKept(store);
    const { id } = store.read().tries[0]!;
    const db = await database();
    await db.delete('events', [id, 1]);
    await db.put('tries', { ...(await db.get('tries', id))!, events: 1 });
    stored.set('dotting-step:adult:child', noted);
    await takeUpSteps();
    expect((await keptTry(id))!.kept.events).toBe(2);
    expect((await keptTry(id))!.events).toHaveLength(2);
    expect(stored.size).toBe(0);
  });

  test('taken up twice at once, a step is kept once', async () => {
    const store = await open();
    store.dispatch(count);
    const noted = stored.get('dotting-step:adult:child')!;
    await untilKept(store);
    const db = await database();
    for (const name of ['tries', 'events'] as const) await db.clear(name);
    stored.set('dotting-step:adult:child', noted);
    await Promise.all([takeUpSteps(), takeUpSteps()]);
    expect(await db.count('events')).toBe(1);
  });

  test('a note from another day begins nothing', async () => {
    const store = await open();
    store.dispatch(count);
    const noted = notedStep('adult:child')!;
    await untilKept(store);
    const db = await database();
    for (const name of ['sittings', 'tries', 'events'] as const) await db.clear(name);
    const old = { ...noted, head: { ...noted.head, startedAt: '2026-01-05T09:00:00.000+00:00' } };
    stored.set('dotting-step:adult:child', JSON.stringify(old));
    expect((await open()).read().tries).toEqual([]);
  });

  test('without room for a note the step is kept all the same', async () => {
    const { setItem } = localStorage;
    localStorage.setItem = () => {
      throw new DOMException('full', 'QuotaExceededError');
    };
    const store = await open();
    store.dispatch(count);
    await store.close();
    localStorage.setItem = setItem;
    expect(await (await database()).count('events')).toBe(1);
  });
});

describe('a sitting left to whoever comes next', () => {
  const hester = { ...adult, id: 'hester' as StaffId, presence: 'hers', firstName: 'Hester' };
  const leave = async (): Promise<Sitting> => {
    const store = await open();
    store.dispatch(count);
    store.dispatch({ kind: 'hand-over', by: 'Tomasz' });
    expect(await store.isKept()).toBe(true);
    return store.read();
  };

  test('is hers with all its tries, and the first adult’s no longer', async () => {
    const left = await leave();
    const hers = await SittingStore.open(hester, 'child', page);
    expect(hers.read()).toMatchObject({ id: left.id, staffId: 'hester', presence: 'hers' });
    expect(hers.read().tries).toEqual(left.tries);
    hers.dispatch({ kind: 'resume' });
    hers.dispatch({ kind: 'next-try' });
    hers.dispatch(count);
    expect(hers.read().tries.map((one) => [one.head.recordedBy, one.presence])).toEqual([
      ['adult', 'stay'],
      ['hester', 'hers'],
    ]);
    await hers.isKept();
    expect(await (await database()).getAllKeys('sittings')).toEqual(['hester:child']);
  });

  test('is not given to one who may not see the child', async () => {
    await leave();
    const refused = () => Promise.reject(new Error('There is no such child here.'));
    await expect(SittingStore.open(hester, 'child', refused)).rejects.toThrow('no such child');
    expect(await (await database()).getAllKeys('sittings')).toEqual(['adult:child']);
  });

  test('is the first adult’s again where she comes back herself', async () => {
    const left = await leave();
    const store = await open();
    store.dispatch({ kind: 'resume' });
    expect(store.read()).toMatchObject({ id: left.id, staffId: 'adult', handedOverBy: undefined });
  });
});

describe(caughtUp, () => {
  const event = (seq: number): TraceEvent => ({ seq, t: seq, kind: 'count', word: seq + 1 });
  const noted = (revision: number, from: number, to: number): Noted =>
    ({
      id: 'try' as TraceId,
      head: { help: `${revision}` },
      revision,
      presence: 'stay',
      events: Array.from({ length: to - from }, (_, i) => event(from + i)),
    }) as unknown as Noted;

  test('what is there already changes nothing', () => {
    const tries = [noted(1, 0, 3)];
    expect(caughtUp(tries, noted(1, 1, 3))).toBe(tries);
  });

  test('a newer head takes the place of an older, never the other way', () => {
    expect(caughtUp([noted(1, 0, 2)], noted(2, 2, 2))).toEqual([noted(2, 0, 2)]);
    expect(caughtUp([noted(2, 0, 2)], noted(1, 2, 3))).toEqual([noted(2, 0, 3)]);
  });

  test('with a gap nothing is taken', () => {
    const tries = [noted(0, 0, 1)];
    expect(caughtUp(tries, noted(1, 2, 3))).toBe(tries);
  });
});
