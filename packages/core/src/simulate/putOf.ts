import { rightChoice } from '../reading/readChoice.js';
import type { Task } from '../shelf/tasks.js';
import type { TraySet } from '../trace/trace.js';
import type { PutToChild } from './simulateTry.js';

/** What a task, laid so, puts to a child. */
export function putOf(task: Task, set: TraySet, n: number, asksHowMany: boolean): PutToChild {
  const { layout } = set;
  switch (task.kind) {
    case 'say':
      return { kind: 'say', target: n, ...(task.start !== undefined && { start: task.start }) };
    case 'give':
      return { kind: 'give', asked: layout?.bowls?.map((bowl) => bowl.n) ?? [n], pile: task.pile ?? n };
    case 'answer':
      return { kind: 'answer', size: n, arrangement: task.arrangement };
    case 'share':
      return {
        kind: 'share',
        places: layout?.places ?? n,
        things: set.pile ?? set.size,
        counts: task.choosing === undefined,
        right: rightChoice(set),
      };
    case 'choose': {
      const right = rightChoice(set) ?? 'right';
      return {
        kind: 'choose',
        right,
        other: right === 'right' ? 'not-right' : 'right',
        of: task.makes === 'touches' ? 'touches' : 'words',
        n,
      };
    }
    case 'count':
      return {
        kind: 'count',
        size: n,
        arrangement: task.arrangement,
        asksHowMany,
        asksAgain: task.asksAgain === true,
      };
  }
}
