import { taskWords } from '@dotting/words';
import { Options, OwnOptions } from '../thumb/Options.js';
import type { KindView } from './view.js';
import { words } from '../../wording/all.js';

export const choose: KindView = {
  Thumb: ({ task, set, onAnswer }) => {
    const { cards } = set.layout ?? {};
    if (cards?.kind === 'find')
      return (
        <Options
          question={words.thumb.whichCard()}
          options={cards.cards.map((card) => [card, String(card)])}
          onAnswer={onAnswer}
        />
      );
    return <OwnOptions choosing={taskWords(words, task.id).choosing!} onAnswer={onAnswer} />;
  },
  isStill: false,
  done: () => words.kinds.done(),
  whole: null,
  strategies: () => [
    ['knew', words.kinds.knewAtOnce()],
    ['counted-all', words.kinds.countedAlong()],
    ['guessed', words.kinds.aGuess()],
  ],
};
