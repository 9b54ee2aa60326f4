import { tasks, type Task } from './tasks.js';
import { lessons, type Lesson } from './task.js';

/** The task waits for a lesson that the child has not had yet. */
export const isHeldBack = ({ lessonFirst }: Task, notYet: readonly Lesson[]): boolean =>
  lessonFirst !== undefined && notYet.includes(lessonFirst);

/** The tasks that wait for a lesson, those in one of their ways too. */
export const waitingFor = (lesson: Lesson): readonly Task[] =>
  tasks.filter(
    ({ lessonFirst, lessonOfWay = {} }) =>
      lessonFirst === lesson || Object.values(lessonOfWay).includes(lesson),
  );

/** The ways in which a task can be put to the child now; undefined where it has none. */
export const openWays = ({ ways, lessonOfWay = {} }: Task, notYet: readonly Lesson[]) =>
  ways?.filter((way) => !notYet.includes(lessonOfWay[way]!));

export { lessons, type Lesson };
