import { isPutting, lastTap, taskOf, type Gesture } from '@dotting/core';
import { useCallback } from 'react';
import type { KeyCommand } from './keys.js';
import { openTry, phaseOf, type Sitting } from './sitting.js';
import type { SittingStore } from './sittingStore.js';

/** What a sitting's screen shows of itself, beside the sitting. */
interface Showing {
  readonly setPeeking: (isPeeking: boolean) => void;
  readonly setOtherWord: (isOtherWord: boolean) => void;
  readonly setKeys: (shows: (before: boolean) => boolean) => void;
  readonly setPlayed: (played: (before: number) => number) => void;
}

const gestures: Partial<Record<KeyCommand, Gesture>> = {
  'that-one-again': { kind: 'that-one-again' },
  'left-one-out': { kind: 'left-one-out' },
  'word-no-touch': { kind: 'word-no-touch' },
  'touch-no-word': { kind: 'touch-no-word' },
  'started-again': { kind: 'started-again' },
  'took-it-back': { kind: 'took-it-back' },
  'how-many': { kind: 'ask', question: 'how-many' },
  'did-not-know': { kind: 'answer', value: 'did-not-know' },
  'two-in-one': { kind: 'two-in-one' },
  'left-outside': { kind: 'left-outside' },
  'first-word': { kind: 'next' },
  'next-bowl': { kind: 'ask', question: 'give' },
};

/** Slips of touching: without things there are none. */
const needThings: ReadonlySet<KeyCommand> = new Set([
  'that-one-again',
  'left-one-out',
  'word-no-touch',
  'touch-no-word',
]);
const needPlaces: ReadonlySet<KeyCommand> = new Set(['two-in-one', 'left-outside', 'first-word']);

/** What a tap on the tray means: the next thing put to its place, or the next word with its touch. */
export function tapOn(sitting: Sitting): Gesture | null {
  const task = taskOf(openTry(sitting)?.head.task ?? sitting.plan.task);
  if (task.kind === 'give' || task.kind === 'choose') return null;
  if (task.kind !== 'share') return { kind: 'next' };
  const open = openTry(sitting);
  if (!open || isPutting({ set: open.head.set, events: open.events })) return { kind: 'put' };
  return task.choosing ? null : { kind: 'next' };
}

/** What a button or key does, by how the sitting stands when it is pressed. The same function at every render. */
export function useCommands(
  store: SittingStore,
  { setPeeking, setOtherWord, setKeys, setPlayed }: Showing,
): (command: KeyCommand) => void {
  return useCallback(
    (command) => {
      const sitting = store.read();
      const phase = phaseOf(sitting);
      const open = openTry(sitting);
      const task = taskOf(open?.head.task ?? sitting.plan.task);
      const isGoingOn = phase === 'counting' || phase === 'asked';
      const gesture = (one: Gesture | null | undefined): void => {
        if (one) store.dispatch({ kind: 'gesture', gesture: one });
      };
      if (sitting.stage === 'planning') {
        if (command === 'next') store.dispatch({ kind: 'begin' });
        else if (command === 'keys') setKeys((shows) => !shows);
        return;
      }
      switch (command) {
        case 'peek':
          return setPeeking(true);
        case 'keys':
          return setKeys((shows) => !shows);
        case 'play':
          return setPlayed((before) => before + 1);
        case 'pause':
          return store.dispatch({ kind: 'pause' });
        case 'turn':
          return store.dispatch({ kind: 'turn' });
        case 'undo':
          return gesture({ kind: 'undo' });
        case 'whole':
          if (task.choosing) return gesture(choice(sitting, 0));
          if (phase === 'laying' && (task.kind === 'say' || task.kind === 'count')) {
            gesture({ kind: 'whole', from: task.start ?? 1, to: sitting.plan.size });
          }
          return;
        case 'second':
          return gesture(choice(sitting, 1));
        case 'third':
          return gesture(choice(sitting, 2));
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
          return phase === 'read' ? store.dispatch({ kind: 'next-try' }) : gesture(tapOn(sitting));
        case 'how-many':
          if (open && task.kind === 'count') gesture(gestures[command]);
          return;
        case 'next-bowl':
          if (isGoingOn && open?.head.set.layout?.bowls) gesture(gestures[command]);
          return;
        case 'did-not-know':
          if (isGoingOn || (phase === 'laying' && task.kind !== 'say' && task.kind !== 'count'))
            gesture(gestures[command]);
          return;
        default:
          if (!isGoingOn || (task.kind === 'say' && needThings.has(command))) return;
          if (needPlaces.has(command) && task.kind !== 'share') return;
          gesture(gestures[command]);
      }
    },
    [store, setPeeking, setOtherWord, setKeys, setPlayed],
  );
}

/** One of the choices, once it is time to choose. */
function choice(sitting: Sitting, at: number): Gesture | null {
  const open = openTry(sitting);
  if (phaseOf(sitting) === 'read') return null;
  const { kind, choosing } = taskOf(open?.head.task ?? sitting.plan.task);
  const isTime = kind === 'choose' || (open && !isPutting({ set: open.head.set, events: open.events }));
  const option = isTime ? choosing?.options[at] : undefined;
  return option ? { kind: 'answer', value: option.value } : null;
}
