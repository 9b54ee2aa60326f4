import type { OwnTaskView, RegisterEntry, Role, Room, RoomHere } from '@dotting/contract';
import { tasks, type TaskId } from '@dotting/core';
import { taskWords } from '@dotting/words';
import { words } from '../wording/all.js';

/** Something to be found, and where it leads: a page, or for a task the question with whom. */
export type Findable = {
  readonly name: string;
  /** What tells it from another of the same name. */
  readonly detail: string;
} & (
  | { readonly kind: 'child'; readonly id: string; readonly to: string }
  | { readonly kind: 'page'; readonly to: string }
  | { readonly kind: 'task'; readonly task: TaskId; readonly own?: OwnTaskView }
);

/** The heading under which it stands among what is found. */
export const headingOf = ({ kind }: Findable): string =>
  ({
    child: words.frame.children(),
    task: words.search.tasks(),
    page: words.frame.parts(),
  })[kind];

/** The children of a room. */
export const childrenOf = (room: Room, register: readonly RegisterEntry[]): readonly Findable[] =>
  register.map(({ id, firstName, lastName }) => ({
    kind: 'child',
    id,
    to: `/children/${id}`,
    name: `${firstName} ${lastName}`.trim(),
    detail: room.name,
  }));

/** Every task of the shelf. */
export const findableTasks = (): readonly Findable[] =>
  tasks
    .filter(({ inGroup }) => !inGroup)
    .map(({ id, strand }) => ({
      kind: 'task',
      task: id,
      name: taskWords(words, id).name(),
      detail: words.strands[strand](),
    }));

/** The tasks that a room has written. */
export const ownTasksOf = ({ name: room, ownTasks }: RoomHere): readonly Findable[] =>
  ownTasks
    .filter(({ retired }) => !retired)
    .map((own) => ({ kind: 'task', task: own.like, own, name: own.texts.name, detail: room }));

/** The pages and settings that an adult of this role has. */
export function findablePages(role: Role): readonly Findable[] {
  const settings = words.settings.title();
  const office = words.frame.office();
  const pages: readonly (readonly [to: string, name: string, detail: string])[] = [
    ['/', words.frame.today(), ''],
    ['/room', words.frame.room(), ''],
    ['/seen', words.frame.passing(), ''],
    ['/hands', words.hands.title(), ''],
    ['/shelf', words.shelf.title(), ''],
    ['/settings', words.settings.own(), settings],
    ['/settings', words.keys.use(), settings],
    ['/settings/things', words.ownThings.title(), settings],
    ['/settings/ideas', words.settings.ideas(), settings],
    ['/settings/languages', words.settings.languages(), settings],
  ];
  const ofWriters: typeof pages = [
    ['/shelf/write', words.ownTasks.write(), words.shelf.title()],
    ['/shelf/file', words.ownTasks.file.title(), words.shelf.title()],
  ];
  const ofLeads: typeof pages = [
    ['/settings/devices', words.settings.devices(), settings],
    ['/office', words.frame.children(), office],
    ['/office/file', words.office.importList(), office],
    ['/office/people', words.office.roomsAndStaff(), office],
    ['/office/left', words.erasing.left(), office],
  ];
  return [...pages, ...(role === 'assistant' ? [] : ofWriters), ...(role === 'lead' ? ofLeads : [])].map(
    ([to, name, detail]) => ({
      kind: 'page',
      to,
      name,
      detail,
    }),
  );
}
