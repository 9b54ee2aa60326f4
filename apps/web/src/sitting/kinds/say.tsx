import { Answer } from '../thumb/Answer.js';
import { Began } from '../thumb/Began.js';
import { Slips } from '../thumb/Slips.js';
import type { KindView } from './view.js';
import { words } from '../../wording/all.js';

export const say: KindView = {
  Thumb: ({ phase, plan, canMark, onAnswer, onBegan, onCommand }) => {
    if (phase === 'asked') return <Answer onAnswer={onAnswer} />;
    if (phase === 'laying' && plan.start === 'any') return <Began plan={plan} onBegan={onBegan} />;
    return (
      <Slips onlyWords plan={plan} isLaying={phase === 'laying'} canMark={canMark} onCommand={onCommand} />
    );
  },
  isStill: false,
  done: () => words.kinds.doneSaying(),
  whole: (n) => words.kinds.saidAllTo({ n }),
  strategies: () => [],
};
