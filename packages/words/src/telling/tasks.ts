import { taskOf, usualSchools, type Layout, type Need, type Schools, type TaskId } from '@dotting/core';
import type { Words } from '../words.js';

/** The number, and of what is done to one: what it was, how many more or fewer, what it comes to. */
export interface Numbers {
  readonly n: number;
  readonly from: number;
  readonly few: number;
  readonly makes: number;
}

/** The room’s ways of saying and doing it, for messages that differ by them. */
type Manner = Pick<
  Schools,
  'fewer' | 'startAgain' | 'pictures' | 'organise' | 'recorded' | 'tally' | 'twenty' | 'zero'
>;
type Say = (of: Numbers & Manner) => string;

/** The numbers of a task as it is laid. */
export function numbersIn(
  n: number,
  layout: Layout | undefined,
  schools: Schools = usualSchools,
): Numbers & Manner {
  return { ...schools, ...numbersOf(n, layout) };
}

function numbersOf(n: number, layout: Layout | undefined): Numbers {
  const { turns } = layout ?? {};
  if (turns) return { n, from: turns.last, few: Math.abs(turns.now - turns.last), makes: turns.now };
  const { from, by } = layout?.change ?? { from: n, by: 0 };
  return { n, from, few: Math.abs(by), makes: from + by };
}

/** What there may be to say of a task; a task has only what it needs. */
export interface TaskWords {
  readonly name: () => string;
  readonly say: Say;
  readonly thenSay?: Say;
  readonly again?: { readonly setOut: () => string; readonly say: () => string };
  readonly ways?: Readonly<
    Record<string, { readonly name: () => string; readonly say?: Say; readonly setOut?: Say }>
  >;
  readonly choosing?: ChoosingWords;
  readonly midway?: ChoosingWords;
  readonly avoid: Say;
  readonly childDoes: () => string;
  /** How to set the things out, after the amount; absent where nothing is. */
  readonly setOut?: Say;
  /** What is needed beside the things. */
  readonly also?: Say;
  readonly easier: () => string;
  readonly harder: () => string;
  readonly otherThings: () => string;
  readonly adaptations?: Readonly<Partial<Record<Need, () => string>>>;
  readonly caution?: () => string;
  readonly routine: Readonly<Record<'wholeGroup' | 'smallGroup' | 'freeTable', () => string>>;
  readonly sheet?: () => string;
  readonly home: () => string;
}

export interface ChoosingWords {
  readonly question: () => string;
  readonly options: Readonly<Record<string, () => string>>;
}

/** What to say of a task of the shelf. */
export function taskWords(words: Words, id: TaskId): TaskWords {
  const all: Readonly<Record<TaskId, TaskWords>> = words.tasks;
  return all[id];
}

/** How a task is put to a child who needs it adapted: in its own way, or as tasks of its kind are. */
export function adaptationOf(
  words: Words,
  id: TaskId,
  need: Need,
  { adaptations }: Pick<TaskWords, 'adaptations'> = taskWords(words, id),
): string {
  return adaptations?.[need]?.() ?? words.adapting[taskOf(id).adaptedAs][need]();
}
