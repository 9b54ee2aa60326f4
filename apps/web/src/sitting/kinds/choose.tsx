import { taskWords } from '@dotting/words';
import { Options } from '../thumb/Options.js';
import type { KindView } from './view.js';
import { words } from '../../wording/words.js';

export const choose: KindView = {
  Thumb: ({ task, onAnswer }) => (
    <Options choosing={taskWords(words, task.id).choosing!} onAnswer={onAnswer} />
  ),
  isStill: false,
  done: () => words.kinds.done(),
  whole: null,
  strategies: () => [
    ['knew', words.kinds.knewAtOnce()],
    ['counted-all', words.kinds.countedAlong()],
    ['guessed', words.kinds.aGuess()],
  ],
};
