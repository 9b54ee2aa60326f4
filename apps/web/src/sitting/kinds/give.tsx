import { taskWords, thingsWords } from '@dotting/words';
import { Giving } from '../thumb/Giving.js';
import type { KindView } from './view.js';
import { words } from '../../wording/all.js';

export const give: KindView = {
  Thumb: ({ phase, task, set, bowl, canMark, wasGiven, onAnswer, onGiven, onCommand }) => (
    <Giving
      things={thingsWords(words, set.layout?.bowls?.[bowl]?.things ?? set.things)}
      isDone={set.layout?.doing !== undefined}
      bowl={set.layout?.bowls ? bowl : null}
      largest={Math.max(20, set.pile ?? 0)}
      midway={phase === 'laying' ? undefined : taskWords(words, task.id).midway}
      canMark={canMark}
      wasGiven={wasGiven}
      onAnswer={onAnswer}
      onGiven={onGiven}
      onCommand={onCommand}
    />
  ),
  isStill: true,
  done: () => words.kinds.doneGiving(),
  whole: null,
  strategies: () => [
    ['counted-all', words.kinds.countedOut()],
    ['looked', words.kinds.byLooking()],
    ['fingers', words.kinds.onFingers()],
    ['knew', words.kinds.knewIt()],
    ['guessed', words.kinds.aHandful()],
  ],
};
