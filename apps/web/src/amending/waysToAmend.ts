import {
  outside,
  insteadOf,
  type Happening,
  type HappeningEvent,
  type TraySet,
  type Word,
} from '@dotting/core';
import { placeWords } from '@dotting/words';
import { words } from '../wording/all.js';

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
  set: Pick<TraySet, 'size' | 'layout'>,
): readonly { readonly told: string; readonly happening: Happening }[] {
  if (event.kind === 'answer') {
    return [
      { told: words.events.DidNotKnow(), happening: { kind: 'answer', value: 'did-not-know' } },
      { told: words.events.NoAnswer(), happening: { kind: 'answer', value: null } },
    ];
  }
  if (event.kind === 'touch' || event.kind === 'passed-over') {
    return [
      {
        told: event.kind === 'touch' ? words.events.MissedOne() : words.events.TouchNoWord(),
        happening: { kind: event.kind === 'touch' ? 'passed-over' : 'touch' },
      },
    ];
  }
  const places = event.kind === 'put' ? insteadOf(set, event.place) : [];
  if (event.kind === 'put' && places.length > 0)
    return places.map((place) => ({
      told: placeWords(words, place, set),
      happening: { kind: 'put', place },
    }));
  if (event.kind === 'put')
    return [{ told: words.events.LeftOutside(), happening: { kind: 'put', place: outside } }];
  if (event.kind !== 'count' && event.kind !== 'say') return [];
  const { word } = event;
  const isPlain = event.kind === 'count' && event.item !== 'again';
  return [
    ...(isPlain ? [] : [{ told: words.events.OneToOne(), happening: { kind: 'count' as const, word } }]),
    ...(event.kind === 'count' && event.item === 'again'
      ? []
      : [
          {
            told: words.events.CountedTwice(),
            happening: { kind: 'count' as const, word, item: 'again' as const },
          },
        ]),
    ...(event.kind === 'say'
      ? []
      : [{ told: words.events.WordNoTouch(), happening: { kind: 'say' as const, word } }]),
    { told: words.events.TouchNoWord(), happening: { kind: 'touch' as const } },
  ];
}
