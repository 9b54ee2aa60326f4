import { tasks, taskOf, type Task, type TaskId } from '../shelf/tasks.js';
import { skillMap, type SkillEntry, type SkillId } from './map.js';

/** The tasks of the shelf that look at a skill. */
export function tasksFor({ read }: SkillEntry): readonly Task[] {
  if (!read) return [];
  return tasks.filter(
    (task) => task.looksAt === read.by && (!('arrangement' in read) || task.arrangement === read.arrangement),
  );
}

/** The skill that a task looks at first. */
export function skillOfTask(id: TaskId): SkillEntry & { readonly id: SkillId } {
  const { looksAt, arrangement } = taskOf(id);
  return skillMap.find(
    ({ read }) => read?.by === looksAt && (!('arrangement' in read) || read.arrangement === arrangement),
  )!;
}
