import type { HappeningEvent } from '@dotting/core';
import { words } from '../wording/words.js';

/** What was recorded, as short as a chip has room for. */
export function sayEvent(event: HappeningEvent): string {
  switch (event.kind) {
    case 'count':
      return event.item === 'again' ? `${event.word}, again` : String(event.word);
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
      return event.question === 'give'
        ? words.events.askedToGive()
        : event.question === 'which'
          ? words.events.askedWhich()
          : words.events.askedHowMany();
    case 'answer':
      return event.value === null
        ? words.events.noAnswer()
        : event.value === 'did-not-know'
          ? words.events.didNotKnow()
          : words.events.answered({ value: event.value });
    case 'given':
      return words.events.gave({ n: event.value });
    case 'put':
      return event.place === 'outside'
        ? words.events.leftOutside()
        : words.events.putIn({ place: event.place });
  }
}
