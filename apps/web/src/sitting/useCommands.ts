import { lastTap, taskOf, type Gesture } from '@dotting/core';
import { useCallback } from 'react';
import type { KeyCommand } from './keys.js';
import { openTry, phaseOf } from './sitting.js';
import type { SittingStore } from './sittingStore.js';

/** What a sitting's screen shows of itself, beside the sitting. */
interface Showing {
  readonly setPeeking: (isPeeking: boolean) => void;
  readonly setOtherWord: (isOtherWord: boolean) => void;
  readonly setKeys: (shows: (before: boolean) => boolean) => void;
}

const gestures: Partial<Record<KeyCommand, Gesture>> = {
  next: { kind: 'next' },
  'that-one-again': { kind: 'that-one-again' },
  'left-one-out': { kind: 'left-one-out' },
  'word-no-touch': { kind: 'word-no-touch' },
  'touch-no-word': { kind: 'touch-no-word' },
  'started-again': { kind: 'started-again' },
  'took-it-back': { kind: 'took-it-back' },
  'how-many': { kind: 'ask-how-many' },
  'did-not-know': { kind: 'answer', value: 'did-not-know' },
};

/** Slips of touching: without things there are none. */
const needThings: ReadonlySet<KeyCommand> = new Set([
  'that-one-again',
  'left-one-out',
  'word-no-touch',
  'touch-no-word',
]);

/** What a button or key does, by how the sitting stands when it is pressed. The same function at every render. */
export function useCommands(
  store: SittingStore,
  { setPeeking, setOtherWord, setKeys }: Showing,
): (command: KeyCommand) => void {
  return useCallback(
    (command) => {
      const sitting = store.read();
      const phase = phaseOf(sitting);
      const open = openTry(sitting);
      const { kind } = taskOf(open?.head.task ?? sitting.plan.task);
      const isGoingOn = phase === 'counting' || phase === 'asked';
      switch (command) {
        case 'peek':
          return setPeeking(true);
        case 'keys':
          return setKeys((shows) => !shows);
        case 'undo':
          return store.dispatch({ kind: 'gesture', gesture: { kind: 'undo' } });
        case 'whole':
          if (phase === 'laying' && kind !== 'give') {
            store.dispatch({ kind: 'gesture', gesture: { kind: 'whole', size: sitting.plan.size } });
          }
          return;
        case 'other-word':
          if (isGoingOn) setOtherWord(lastTap(open?.events ?? []) !== undefined);
          return;
        case 'finished':
          if (isGoingOn) store.dispatch({ kind: 'end', ended: 'finished' });
          return;
        case 'stop-kindly':
          if (isGoingOn) store.dispatch({ kind: 'end', ended: 'stopped-by-adult' });
          return;
        case 'next':
          if (phase === 'read') return store.dispatch({ kind: 'next-try' });
          if (kind === 'give') return;
          break;
        case 'how-many':
          if (!open || kind !== 'count') return;
          break;
        default:
          if (!isGoingOn || (kind !== 'count' && needThings.has(command))) return;
      }
      store.dispatch({ kind: 'gesture', gesture: gestures[command]! });
    },
    [store, setPeeking, setOtherWord, setKeys],
  );
}
