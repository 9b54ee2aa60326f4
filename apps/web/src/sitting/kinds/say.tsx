import { Answer } from '../thumb/Answer.js';
import { beginsAtOne, Slips } from '../thumb/Slips.js';
import type { KindView } from './view.js';
import { words } from '../../wording/words.js';

export const say: KindView = {
  Thumb: ({ phase, task, canMark, onAnswer, onCommand }) =>
    phase === 'asked' ? (
      <Answer onAnswer={onAnswer} />
    ) : (
      <Slips
        onlyWords
        canBeginAtZero={phase === 'laying' && beginsAtOne(task)}
        canMark={canMark}
        onCommand={onCommand}
      />
    ),
  isStill: false,
  done: () => words.kinds.doneSaying(),
  whole: (n) => words.kinds.saidAllTo({ n }),
  strategies: () => [],
};
