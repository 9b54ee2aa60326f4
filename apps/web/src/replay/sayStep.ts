import type { ReplayStep } from '@dotting/core';

/** What happened at a step, as short as a chip has room for. */
export function sayStep({ event }: ReplayStep): string {
  switch (event.kind) {
    case 'count':
      return String(event.word);
    case 'say':
      return `“${event.word}”`;
    case 'touch':
      return 'a touch';
    case 'passed-over':
      return 'left out';
    case 'take-back':
      return 'took it back';
    case 'restart':
      return 'began again';
    case 'ask':
      return event.question === 'give' ? 'asked to give' : 'how many?';
    case 'answer':
      return event.value === null
        ? 'no answer'
        : event.value === 'did-not-know'
          ? 'did not know'
          : `= ${event.value}`;
    case 'given':
      return `gave ${event.value}`;
    case 'put':
      return `put: ${event.place}`;
  }
}
