import { otherQuestions, type TaskId } from '@dotting/core';
import { taskWords } from '@dotting/words';
import { Listed } from '../../common/Listed.js';
import type { Whole } from '../../outbox/sitting.js';
import { words } from '../../wording/all.js';
import type { Action } from '../after.js';

interface OtherQuestionProps {
  readonly whole: Whole;
  readonly dispatch: (action: Action) => void;
}

/** At most one other question, on what lies there already. */
export function OtherQuestion({ whole, dispatch }: OtherQuestionProps) {
  const options = otherQuestions(whole.main);
  return (
    <Listed<TaskId | 'none'>
      label={words.plan.then()}
      value={whole.other !== null && options.includes(whole.other) ? whole.other : 'none'}
      options={[
        ...options.map((id) => [id, taskWords(words, id).name()] as const),
        ['none', words.plan.nothingElse()],
      ]}
      onChoose={(id) => dispatch({ kind: 'whole-plan', whole: { other: id === 'none' ? null : id } })}
    />
  );
}
