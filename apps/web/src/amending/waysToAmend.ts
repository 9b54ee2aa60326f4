import { outside, type Happening, type HappeningEvent, type Word } from '@dotting/core';

/** What was recorded, as short as a chip has room for. */
export function sayEvent(event: HappeningEvent): string {
  switch (event.kind) {
    case 'count':
      return event.item === 'again' ? `${event.word}, again` : String(event.word);
    case 'say':
      return `${event.word}, no touch`;
    case 'touch':
      return 'touch, no word';
    case 'passed-over':
      return 'left one out';
    case 'take-back':
      return 'took it back';
    case 'restart':
      return 'started again';
    case 'ask':
      return event.question === 'give'
        ? 'asked to give'
        : event.question === 'which'
          ? 'asked which'
          : 'how many?';
    case 'answer':
      return event.value === null
        ? 'no answer'
        : `answered ${event.value === 'did-not-know' ? 'did not know' : event.value}`;
    case 'given':
      return `gave ${event.value}`;
    case 'put':
      return event.place === 'outside' ? 'left outside' : `put in ${event.place}`;
  }
}

/** What was said in it; undefined where nothing was. */
export function saidIn(event: HappeningEvent): Word | null | undefined {
  if (event.kind === 'count' || event.kind === 'say') return event.word;
  return event.kind === 'answer' ? event.value : undefined;
}

export function withSaid(event: HappeningEvent, said: Word): Happening {
  return event.kind === 'answer'
    ? { kind: 'answer', value: said }
    : { ...event, kind: event.kind === 'say' ? 'say' : 'count', word: said };
}

/** The other things that it may have been. */
export function waysToAmend(
  event: HappeningEvent,
): readonly { readonly words: string; readonly happening: Happening }[] {
  if (event.kind === 'answer') {
    return [
      { words: 'Did not know', happening: { kind: 'answer', value: 'did-not-know' } },
      { words: 'Gave no answer', happening: { kind: 'answer', value: null } },
    ];
  }
  if (event.kind === 'touch' || event.kind === 'passed-over') {
    return [
      {
        words: event.kind === 'touch' ? 'Left one out' : 'Touch, no word',
        happening: { kind: event.kind === 'touch' ? 'passed-over' : 'touch' },
      },
    ];
  }
  if (event.kind === 'put') return [{ words: 'Left it outside', happening: { kind: 'put', place: outside } }];
  if (event.kind !== 'count' && event.kind !== 'say') return [];
  const { word } = event;
  const isPlain = event.kind === 'count' && event.item !== 'again';
  return [
    ...(isPlain ? [] : [{ words: 'One word, one touch', happening: { kind: 'count' as const, word } }]),
    ...(event.kind === 'count' && event.item === 'again'
      ? []
      : [{ words: 'That one again', happening: { kind: 'count' as const, word, item: 'again' as const } }]),
    ...(event.kind === 'say' ? [] : [{ words: 'Word, no touch', happening: { kind: 'say' as const, word } }]),
    { words: 'Touch, no word', happening: { kind: 'touch' as const } },
  ];
}
