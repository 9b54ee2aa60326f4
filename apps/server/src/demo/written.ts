import { seededRandom, type Trace } from '@dotting/core';
import {
  simulateSittings,
  type Asked,
  type HiddenAbility,
  type SimulatedSittings,
} from '@dotting/core/workings';
import { morning } from './morning.js';

/** Days ago on which a child wrote. */
const days = [150, 118, 83, 51, 26, 9];

/** What a child wrote in the last half year, its hand surer each time: as it is by now on the last of them. */
export function writingOf(
  plan: Omit<SimulatedSittings, 'sittings'>,
  { forms, turns }: NonNullable<HiddenAbility['writes']>,
  seed: number,
): readonly Trace[] {
  return days.flatMap((daysAgo, i) => {
    const share = (i + 1) / days.length;
    const writes = { forms: forms * (0.4 + 0.6 * share), turns: turns + 0.4 * (1 - share) };
    const sittings = [{ at: morning(daysAgo), asked: i < 2 ? firstWritten : laterWritten }];
    const ability = { ...plan.ability, writes };
    return simulateSittings({ ...plan, ability, sittings }, seededRandom(seed + i));
  });
}

const firstWritten: readonly Asked[] = [
  { task: 'air-write', n: 3 },
  { task: 'trace-it', n: 3, way: 'faded' },
  { task: 'copy-it', n: 3 },
  { task: 'write-it', n: 1 },
  { task: 'write-it', n: 4 },
];
const laterWritten: readonly Asked[] = [
  ...[3, 5, 2, 4, 7].map((n): Asked => ({ task: 'write-it', n })),
  { task: 'write-how-many', n: 6 },
  { task: 'teen-write', n: 12 },
];
