import { placeableOf, slotOfPlace, type HappeningEvent, type Question, type TraySet } from '@dotting/core';
import { placeWords } from '@dotting/words';
import { words } from '../wording/all.js';

/** What was recorded of a try with this set, as short as a chip has room for. */
export function sayEvent(event: HappeningEvent, set: Pick<TraySet, 'size' | 'layout'>): string {
  switch (event.kind) {
    case 'count':
      return event.item === 'again' ? words.events.again({ word: String(event.word) }) : String(event.word);
    case 'say':
      return words.events.wordNoTouch({ word: event.word });
    case 'touch':
      return words.events.touchNoWord();
    case 'passed-over':
      return words.events.missedOne();
    case 'take-back':
      return words.events.corrected();
    case 'restart':
      return words.events.startedAgain();
    case 'ask':
      return sayQuestion(event.question);
    case 'answer':
      return event.value === null
        ? words.events.noAnswer()
        : event.value === 'did-not-know'
          ? words.events.didNotKnow()
          : words.events.answered({ value: sayAnswer(event.value) });
    case 'given':
      return words.events.gave({ n: event.value });
    case 'stroke':
      return words.events.stroke();
    case 'put':
      // One of a few that were told or put one after the other says itself what it was.
      if (
        slotOfPlace(set, event.place) ||
        placeableOf(set).includes(event.place) ||
        set.layout?.cards?.kind === 'braille'
      )
        return placeWords(words, event.place, set);
      return event.place === 'outside'
        ? words.events.leftOutside()
        : words.events.putIn({ place: event.place });
  }
}

/** One of a few to choose from by its name; else what was said. */
function sayAnswer(value: number | string): string {
  const choices: Readonly<Record<string, () => string>> = words.events.choices;
  return choices[value]?.() ?? String(value);
}

function sayQuestion(question: Question): string {
  switch (question) {
    case 'give':
      return words.events.askedToGive();
    case 'which':
      return words.events.askedWhich();
    case 'name':
      return words.events.askedName();
    case 'find':
      return words.events.askedFind();
    case 'write':
      return words.events.askedWrite();
    case 'next':
      return words.events.askedNext();
    case 'before':
      return words.events.askedBefore();
    case 'hidden':
      return words.events.askedHidden();
    default:
      return words.events.askedHowMany();
  }
}
