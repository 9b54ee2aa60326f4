import { isAllowed, captureKinds, choicesIn, lastTap, type Gesture } from '@dotting/core';
import { useCallback } from 'react';
import type { KeyCommand } from './keys.js';
import { onTheTable, phaseOf, targetOf, type Sitting } from '../outbox/sitting.js';
import type { SittingStore } from './sittingStore.js';

/** What a sitting's screen shows of itself, beside the sitting. */
interface Showing {
  readonly setPeeking: (isPeeking: boolean) => void;
  readonly setOtherWord: (isOtherWord: boolean) => void;
  readonly setKeys: (shows: (before: boolean) => boolean) => void;
  readonly setPlayed: (played: (before: number) => number) => void;
}

const gestures = {
  'zero-first': { kind: 'zero-first' },
  'one-language': { kind: 'one-language' },
  'said-start': { kind: 'said-start' },
  'that-one-again': { kind: 'that-one-again' },
  'left-one-out': { kind: 'left-one-out' },
  'word-no-touch': { kind: 'word-no-touch' },
  'touch-no-word': { kind: 'touch-no-word' },
  'started-again': { kind: 'started-again' },
  'took-it-back': { kind: 'took-it-back' },
  'how-many': { kind: 'ask', question: 'how-many' },
  'how-many-more': { kind: 'ask', question: 'hidden' },
  'did-not-know': { kind: 'answer', value: 'did-not-know' },
  'two-in-one': { kind: 'two-in-one' },
  'left-outside': { kind: 'left-outside' },
  undo: { kind: 'undo' },
  'next-bowl': { kind: 'ask', question: 'give' },
} as const satisfies Partial<Record<KeyCommand, Gesture>>;

/** What a tap on the tray means: the next thing put to its place, or the next word with its touch. */
export function tapOn(sitting: Sitting): Gesture | null {
  const table = onTheTable(sitting);
  return captureKinds[table.task.kind].tap(table);
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
      const table = onTheTable(sitting);
      const { task, events } = table;
      const isGoingOn = phase === 'counting' || phase === 'asked';
      const gesture = (one: Gesture | null | undefined): void => {
        if (one && isAllowed(one, phase, table)) store.dispatch({ kind: 'gesture', gesture: one });
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
        case 'whole':
          if (choicesIn(task, sitting.plan.layout)) return gesture(choice(sitting, 0));
          return gesture({ kind: 'whole', to: targetOf(sitting.plan) });
        case 'second':
          return gesture(choice(sitting, 1));
        case 'third':
          return gesture(choice(sitting, 2));
        case 'fourth':
          return gesture(choice(sitting, 3));
        case 'other-word':
          if (isGoingOn) setOtherWord(lastTap(events) !== undefined);
          return;
        case 'finished':
          if (isGoingOn) store.dispatch({ kind: 'end', ended: 'finished' });
          return;
        case 'stop-kindly':
          if (isGoingOn) store.dispatch({ kind: 'end', ended: 'stopped-by-adult' });
          return;
        case 'next':
          return phase === 'read' ? store.dispatch({ kind: 'next-try' }) : gesture(tapOn(sitting));
        case 'first-word':
          return isGoingOn && captureKinds[task.kind].slipsOf.putting ? gesture({ kind: 'next' }) : undefined;
        default:
          return gesture(gestures[command]);
      }
    },
    [store, setPeeking, setOtherWord, setKeys, setPlayed],
  );
}

/** One of the choices, once it is time to choose. */
function choice(sitting: Sitting, at: number): Gesture | null {
  const table = onTheTable(sitting);
  const isTime = phaseOf(sitting) !== 'read' && !captureKinds[table.task.kind].isStillPutting(table);
  const option = isTime ? choicesIn(table.task, table.set.layout)?.[at] : undefined;
  return option === undefined ? null : { kind: 'answer', value: option };
}
