import type { OwnTaskBody } from '@dotting/contract';
import { tasks, type TaskId } from '@dotting/core';
import { taskWords } from '@dotting/words';
import { useFormContext, useWatch } from 'react-hook-form';
import { Listed } from '../common/Listed.js';
import { words } from '../wording/all.js';

interface StepToProps {
  readonly name: 'easier' | 'harder';
  readonly label: string;
}

const asLike = 'as-like';

/** The task of the shelf that the card leads to, a step down or up. */
export function StepTo({ name, label }: StepToProps) {
  const { control, setValue } = useFormContext<OwnTaskBody>();
  const chosen = useWatch({ control, name });
  return (
    <Listed<TaskId | typeof asLike>
      label={label}
      value={chosen ?? asLike}
      options={[
        [asLike, words.ownTasks.asLike()],
        ...tasks.map(({ id }) => [id, taskWords(words, id).name()] as const),
      ]}
      onChoose={(task) =>
        setValue(name, (task === asLike ? undefined : task) as TaskId, { shouldDirty: true })
      }
    />
  );
}
