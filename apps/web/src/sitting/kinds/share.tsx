import { taskWords } from '@dotting/words';
import { Answer } from '../thumb/Answer.js';
import { OwnOptions } from '../thumb/Options.js';
import { Slips } from '../thumb/Slips.js';
import type { KindView } from './view.js';
import { words } from '../../wording/all.js';

export const share: KindView = {
  Thumb: ({ phase, task, canMark, isPutting, onAnswer, onCommand }) => {
    if (phase === 'asked') return <Answer onAnswer={onAnswer} />;
    if (isPutting) return <Slips isPutting canMark={phase !== 'laying'} onCommand={onCommand} />;
    if (task.choosing)
      return <OwnOptions choosing={taskWords(words, task.id).choosing!} onAnswer={onAnswer} />;
    return <Slips canMark={canMark} onCommand={onCommand} />;
  },
  isStill: false,
  done: () => words.kinds.doneSharing(),
  whole: null,
  strategies: () => [
    ['matched', words.kinds.oneToEach()],
    ['looked', words.kinds.byLooking()],
    ['in-cells', words.kinds.cellByCell()],
  ],
};
