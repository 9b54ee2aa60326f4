import { Answer } from '../thumb/Answer.js';
import type { KindView } from './view.js';
import { words } from '../../wording/all.js';

export const answer: KindView = {
  Thumb: ({ set, onAnswer }) => <Answer digits={(set.layout?.cards?.n ?? 0) > 9} onAnswer={onAnswer} />,
  isStill: false,
  done: () => words.kinds.doneAnswering(),
  whole: null,
  strategies: () => [
    ['counted-all', words.kinds.countedAll()],
    ['counted-on', words.kinds.countedOn()],
    ['knew', words.kinds.knewIt()],
    ['looked', words.kinds.byLooking()],
    ['fingers', words.kinds.onFingers()],
    ['guessed', words.kinds.aGuess()],
  ],
};
