import {
  readChoice,
  isFetching,
  readKept,
  readMore,
  settledEvents,
  type ReadableTrace,
  type TotalReading,
  type TryReading,
  type Word,
} from '@dotting/core';
import type { Words } from '../words.js';

export function tellTotal({ tries }: Words, total: TotalReading | null, trace: ReadableTrace): string | null {
  if (!total) return null;
  const answer = firstAnswer(trace);
  if (total.kind === 'none') return answer === 'did-not-know' ? tries.total.didNotKnow() : tries.total.none();
  return total.kind === 'recounted'
    ? tries.total.recounted()
    : tries.total[total.kind]({ answer: String(answer) });
}

/** The answer that is told: what stood last before a second question; in a try that knows a check, what was said first. */
function firstAnswer(trace: ReadableTrace): Word | null | undefined {
  const events = settledEvents(trace.events);
  const first = events.findIndex((event) => event.kind === 'ask');
  const second = events.findIndex((event, i) => i > first && event.kind === 'ask');
  const answers = (second < 0 ? events : events.slice(0, second)).flatMap((event) =>
    event.kind === 'answer' ? [event.value] : [],
  );
  const said = answers.find((value) => value !== null && value !== 'did-not-know');
  return trace.version === 2 && said !== undefined ? said : answers.at(-1);
}

export function tellCheck({ tries }: Words, { check }: TryReading): string | null {
  if (!check || check.kind === 'none') return null;
  return check.kind === 'agreed'
    ? tries.check.agreed()
    : tries.check[check.kind]({ n: String(check.counted) });
}

export function tellKept({ tries }: Words, trace: ReadableTrace): string | null {
  const kept = readKept(trace);
  if (!kept) return null;
  if (kept.shown) return tries.kept();
  return kept.recounted ? tries.countedAgain() : tries.otherNumber();
}

/** How many more the frame takes, as said. */
export function tellMore({ tries }: Words, trace: ReadableTrace): string | null {
  const more = readMore(trace);
  if (!more) return null;
  const { said, missing } = more;
  if (said === null || said === 'did-not-know') return tries.more.none({ n: missing });
  return said === missing
    ? tries.more.right({ n: missing })
    : tries.more.other({ said: String(said), n: missing });
}

export function tellChoice(words: Words, trace: ReadableTrace): string | null {
  // What was said at a stop on the way is told with the giving, of cards with the cards.
  const isTold = (isFetching(trace) && trace.version === 2) || trace.set.layout?.cards !== undefined;
  const choice = isTold ? null : readChoice(trace);
  if (!choice) return null;
  const { tries } = words;
  const said = saidOf(words, choice.chosen);
  const { layout } = trace.set;
  if (layout?.most !== undefined) return said;
  if (layout?.turns) return tries.ofTurns({ last: layout.turns.last, now: layout.turns.now, said });
  if (trace.set.arrangement === 'heard')
    return tries.voted({ said: String(choice.chosen), n: trace.set.size });
  if (layout?.puppet) return tries.ofOtter({ what: tries.otter[layout.puppet.slip](), said });
  return layout ? tries.askedEnough({ said }) : tries.askedThere({ said });
}

export function saidOf({ tries: { said } }: Words, chosen: Word | null): string {
  switch (chosen) {
    case null:
      return said.none();
    case 'right':
    case 'not-right':
    case 'enough':
    case 'too-many':
    case 'too-few':
    case 'yes':
    case 'no':
    case 'left-sure':
    case 'just-played':
    case 'more-now':
    case 'fewer-now':
    case 'as-many':
    case 'all-paired':
    case 'one-over':
      return said[chosen]();
    default:
      return said.other({ what: chosen });
  }
}
