import { tasks, taskOf, type Task, type TaskId } from './tasks.js';
import { skillMap, type SkillEntry } from '../skills/map.js';

/** The tasks of the shelf that look at a skill. */
export function tasksFor({ read }: SkillEntry): readonly Task[] {
  return tasks.filter(
    (task) =>
      !task.onlyChosen &&
      !task.inGroup &&
      task.looksAt === read.by &&
      (read.as !== 'tracking' || task.arrangement === read.arrangement),
  );
}

/** The skill that a task looks at first. */
export function skillOfTask(id: TaskId): SkillEntry {
  const { looksAt, arrangement } = taskOf(id);
  return skillMap.find(
    ({ read }) => read.by === looksAt && (read.as !== 'tracking' || read.arrangement === arrangement),
  )!;
}
