import type { OwnTaskBody } from '@dotting/contract';
import {
  likableFor,
  skillMap,
  skillOfTask,
  taskOf,
  type CaptureKind,
  type SkillId,
  type TaskId,
} from '@dotting/core';
import { taskWords } from '@dotting/words';
import { useFormContext, useWatch } from 'react-hook-form';
import { Listed } from '../common/Listed.js';
import { words } from '../wording/all.js';
import { factsOf } from './beginnings.js';

/** Skills of the map that some task can look at with one child, in the map’s order. */
const skills: readonly SkillId[] = skillMap.map(({ id }) => id).filter((id) => likableFor(id).length > 0);

/** The skill from the map, how it is taken down, and the task of the shelf that it goes like. */
export function GoesLike() {
  const { setValue, control } = useFormContext<OwnTaskBody>();
  const like = useWatch({ control, name: 'like' });
  const skill = skillOfTask(like).id;
  const { kind } = taskOf(like);
  const kinds = [...new Set(likableFor(skill).map((task) => task.kind))];
  const choose = (id: TaskId): void => {
    if (id === like) return;
    const { ladder, watchFor, pile, only } = factsOf(id);
    const change = { shouldDirty: true, shouldValidate: false } as const;
    setValue('like', id, change);
    setValue('ladder', ladder, change);
    setValue('watchFor', watchFor, change);
    setValue('pile', pile as number, change);
    setValue('only', only as string, change);
    // Its things may not lie so, and its steps lead elsewhere.
    for (const name of ['arrangement', 'easier', 'harder'] as const)
      setValue(name, undefined as never, change);
  };
  return (
    <>
      <Listed<SkillId>
        label={words.ownTasks.skill()}
        value={skill}
        options={skills.map((id) => [id, words.skills[id]()])}
        onChoose={(id) => choose(likableFor(id)[0]!.id)}
      />
      <Listed<CaptureKind>
        label={words.ownTasks.kind()}
        value={kind}
        options={kinds.map((one) => [one, words.ownTasks.kinds[one]()])}
        onChoose={(one) => choose(likableFor(skill, one)[0]!.id)}
      />
      <Listed<TaskId>
        label={words.ownTasks.like()}
        value={like}
        options={likableFor(skill, kind).map(({ id }) => [id, taskWords(words, id).name()])}
        onChoose={choose}
      />
    </>
  );
}
