import { Answer } from '../thumb/Answer.js';
import { beginsAtOne, Slips } from '../thumb/Slips.js';
import type { KindView } from './view.js';
import { words } from '../../wording/words.js';

export const count: KindView = {
  Thumb: ({ phase, task, set, canMark, onAnswer, onCommand }) =>
    phase === 'asked' ? (
      <Answer onAnswer={onAnswer} />
    ) : (
      <Slips
        isHeard={set.arrangement === 'heard'}
        canBeginAtZero={phase === 'laying' && beginsAtOne(task)}
        canMark={canMark}
        onCommand={onCommand}
      />
    ),
  isStill: false,
  done: () => words.kinds.doneCounting(),
  whole: (n) => words.kinds.countedAllN({ n }),
  strategies: () => [
    ['touched', words.kinds.touchedEach()],
    ['moved-aside', words.kinds.movedEach()],
    ['looked', words.kinds.byLooking()],
    ['fingers', words.kinds.onFingers()],
    ['knew', words.kinds.knewIt()],
  ],
};
