import { useEffect, useEffectEvent } from 'react';

/** Everything a key can do in a sitting. */
export type KeyCommand =
  | 'next'
  | 'that-one-again'
  | 'left-one-out'
  | 'word-no-touch'
  | 'touch-no-word'
  | 'other-word'
  | 'started-again'
  | 'took-it-back'
  | 'undo'
  | 'how-many'
  | 'finished'
  | 'did-not-know'
  | 'stop-kindly'
  | 'whole'
  | 'second'
  | 'third'
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
  readonly words: string;
}[] = [
  { key: 'Space', command: 'next', words: 'one word with one touch; after a try, the next try' },
  { key: 'A', command: 'that-one-again', words: 'that one again' },
  { key: 'L', command: 'left-one-out', words: 'left one out' },
  { key: 'W', command: 'word-no-touch', words: 'word, no touch' },
  { key: 'T', command: 'touch-no-word', words: 'touch, no word' },
  { key: 'O', command: 'other-word', words: 'other word …' },
  { key: 'R', command: 'started-again', words: 'started again' },
  { key: 'B', command: 'took-it-back', words: 'took it back' },
  { key: 'U', command: 'undo', words: 'undo, any number of steps' },
  { key: 'H', command: 'how-many', words: 'how many?' },
  { key: 'F', command: 'finished', words: 'the count, the giving or the sharing is done' },
  { key: 'D', command: 'did-not-know', words: 'did not know' },
  { key: 'S', command: 'stop-kindly', words: 'stop kindly' },
  { key: '1', command: 'whole', words: 'counted all, no slip, in one go; the first of the choices' },
  { key: '2', command: 'second', words: 'the second of the choices' },
  { key: '3', command: 'third', words: 'the third of the choices' },
  { key: '0–9', command: 'keys', words: 'a number, then Enter, where a number is asked for' },
  { key: 'I', command: 'two-in-one', words: 'two in one place' },
  { key: 'X', command: 'left-outside', words: 'left it outside' },
  { key: 'C', command: 'first-word', words: 'counts now: the first word' },
  { key: 'N', command: 'next-bowl', words: 'the next bowl' },
  { key: 'Y', command: 'play', words: 'play the tin or Otter, again too' },
  { key: 'V', command: 'turn', words: 'turn what lies there, an eighth round' },
  { key: 'Z', command: 'pause', words: 'pause, and come back' },
  { key: 'P', command: 'peek', words: 'hold to peek at the words' },
  { key: '?', command: 'keys', words: 'these keys' },
];

function commandOf(event: KeyboardEvent): KeyCommand | undefined {
  const key = event.key === ' ' ? 'Space' : event.key.length === 1 ? event.key.toUpperCase() : event.key;
  return keyTable.find((row) => row.key === key)?.command;
}

export const isTyping = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement && target.closest('input, textarea, select, [contenteditable]') !== null;

export const isPressable = (target: EventTarget | null): boolean =>
  target instanceof Element && target.closest('button, [role=button], a') !== null;

/** Single keys, only where nobody types text; Space presses a focused button, as everywhere. */
export function useKeys(
  onPress: (command: KeyCommand) => void,
  onRelease: (command: KeyCommand) => void,
): void {
  const press = useEffectEvent((event: KeyboardEvent) => {
    if (event.repeat || event.ctrlKey || event.metaKey || event.altKey || isTyping(event.target)) return;
    if (event.key === ' ' && isPressable(event.target)) return;
    const command = commandOf(event);
    if (!command) return;
    event.preventDefault();
    onPress(command);
  });
  const release = useEffectEvent((event: KeyboardEvent) => {
    const command = commandOf(event);
    if (command) onRelease(command);
  });
  useEffect(() => {
    window.addEventListener('keydown', press);
    window.addEventListener('keyup', release);
    return () => {
      window.removeEventListener('keydown', press);
      window.removeEventListener('keyup', release);
    };
  }, []);
}
