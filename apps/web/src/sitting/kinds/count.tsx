import { Answer } from '../thumb/Answer.js';
import { Slips } from '../thumb/Slips.js';
import type { KindView } from './view.js';
import { words } from '../../wording/all.js';

export const count: KindView = {
  Thumb: ({ phase, plan, set, canMark, onAnswer, onCommand }) =>
    phase === 'asked' ? (
      <Answer onAnswer={onAnswer} />
    ) : (
      <Slips
        isHeard={set.arrangement === 'heard'}
        plan={plan}
        isLaying={phase === 'laying'}
        canMark={canMark}
        onCommand={onCommand}
      />
    ),
  isStill: false,
  done: () => words.kinds.doneCounting(),
  whole: (n) => words.kinds.countedAllN({ n }),
  strategies: (arrangement) => {
    if (arrangement === 'heard') return heard();
    return arrangement === 'pictures'
      ? [
          ['touched', words.kinds.touchedEach()],
          ['crossed-out', words.kinds.crossedOut()],
          ['coloured', words.kinds.colouredEach()],
          ['covered', words.kinds.coveredEach()],
          ['looked', words.kinds.byLooking()],
        ]
      : [
          ['touched', words.kinds.touchedEach()],
          ['moved-aside', words.kinds.movedEach()],
          ['lined-up', words.kinds.linedUp()],
          ['covered', words.kinds.coveredEach()],
          ['looked', words.kinds.byLooking()],
          ['knew', words.kinds.knewIt()],
        ];
  },
};

/** Nothing is there to be touched or moved. */
const heard: () => ReturnType<KindView['strategies']> = () => [
  ['fingers', words.kinds.onFingers()],
  ['guessed', words.kinds.aGuess()],
];
