import { useEffectEvent, useLayoutEffect } from 'react';
import { words } from '../wording/all.js';
import { usesSingleKeys } from '../common/keptKeys.js';

/** Everything a key can do in a sitting. */
export type KeyCommand =
  | 'next'
  | 'zero-first'
  | 'one-language'
  | 'said-start'
  | 'that-one-again'
  | 'left-one-out'
  | 'word-no-touch'
  | 'touch-no-word'
  | 'other-word'
  | 'started-again'
  | 'took-it-back'
  | 'undo'
  | 'how-many'
  | 'how-many-more'
  | 'finished'
  | 'did-not-know'
  | 'stop-kindly'
  | 'whole'
  | 'second'
  | 'third'
  | 'fourth'
  | 'two-in-one'
  | 'left-outside'
  | 'first-word'
  | 'next-bowl'
  | 'play'
  | 'turn'
  | 'pause'
  | 'peek'
  | 'keys';

export const keyTable: readonly {
  readonly key: string;
  readonly command: KeyCommand;
  readonly does: () => string;
}[] = [
  { key: 'Space', command: 'next', does: () => words.keys.next() },
  { key: 'E', command: 'zero-first', does: () => words.keys.zeroFirst() },
  { key: 'K', command: 'said-start', does: () => words.keys.saidStart() },
  { key: 'G', command: 'one-language', does: () => words.keys.oneLanguage() },
  { key: 'A', command: 'that-one-again', does: () => words.keys.countedTwice() },
  { key: 'L', command: 'left-one-out', does: () => words.keys.missedOne() },
  { key: 'W', command: 'word-no-touch', does: () => words.keys.wordNoTouch() },
  { key: 'T', command: 'touch-no-word', does: () => words.keys.touchNoWord() },
  { key: 'O', command: 'other-word', does: () => words.keys.otherWord() },
  { key: 'R', command: 'started-again', does: () => words.keys.startedAgain() },
  { key: 'B', command: 'took-it-back', does: () => words.keys.corrected() },
  { key: 'U', command: 'undo', does: () => words.keys.undo() },
  { key: 'H', command: 'how-many', does: () => words.keys.howMany() },
  { key: 'M', command: 'how-many-more', does: () => words.keys.howManyMore() },
  { key: 'F', command: 'finished', does: () => words.keys.finished() },
  { key: 'D', command: 'did-not-know', does: () => words.keys.didNotKnow() },
  { key: 'S', command: 'stop-kindly', does: () => words.keys.finishGently() },
  { key: '1', command: 'whole', does: () => words.keys.whole() },
  { key: '2', command: 'second', does: () => words.keys.second() },
  { key: '3', command: 'third', does: () => words.keys.third() },
  { key: '4', command: 'fourth', does: () => words.keys.fourth() },
  { key: '0–9', command: 'keys', does: () => words.keys.number() },
  { key: 'I', command: 'two-in-one', does: () => words.keys.twoInOne() },
  { key: 'X', command: 'left-outside', does: () => words.keys.leftOutside() },
  { key: 'C', command: 'first-word', does: () => words.keys.firstWord() },
  { key: 'N', command: 'next-bowl', does: () => words.keys.nextBowl() },
  { key: 'Y', command: 'play', does: () => words.keys.play() },
  { key: 'V', command: 'turn', does: () => words.keys.turn() },
  { key: 'Z', command: 'pause', does: () => words.keys.pause() },
  { key: 'P', command: 'peek', does: () => words.keys.hold() },
  { key: '?', command: 'keys', does: () => words.keys.these() },
];

function commandOf(event: KeyboardEvent): KeyCommand | undefined {
  const key = event.key === ' ' ? 'Space' : event.key.length === 1 ? event.key.toUpperCase() : event.key;
  return keyTable.find((row) => row.key === key)?.command;
}

export const isTyping = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement && target.closest('input, textarea, select, [contenteditable]') !== null;

export const isPressable = (target: EventTarget | null): boolean =>
  target instanceof Element && target.closest('button, [role=button], a') !== null;

/** Single keys, unless they are turned off, and only where nobody types text; Space presses a focused button, as everywhere. */
export function useKeys(
  onPress: (command: KeyCommand) => void,
  onRelease: (command: KeyCommand) => void,
): void {
  const press = useEffectEvent((event: KeyboardEvent) => {
    if (event.repeat || event.ctrlKey || event.metaKey || event.altKey || isTyping(event.target)) return;
    if (event.key === ' ' && isPressable(event.target)) return;
    if (!usesSingleKeys()) return;
    const command = commandOf(event);
    if (!command) return;
    event.preventDefault();
    onPress(command);
  });
  const release = useEffectEvent((event: KeyboardEvent) => {
    const command = commandOf(event);
    if (command) onRelease(command);
  });
  useLayoutEffect(() => {
    window.addEventListener('keydown', press);
    window.addEventListener('keyup', release);
    return () => {
      window.removeEventListener('keydown', press);
      window.removeEventListener('keyup', release);
    };
  }, []);
}
