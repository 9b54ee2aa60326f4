import { saveBlob } from '../common/saveBlob.js';
import {
  taskFileFormat,
  taskFileVersion,
  type OwnTaskView,
  type OwnThingsView,
  type TaskFile,
} from '@dotting/contract';

/** A task of the room’s own with the kinds of things it speaks of, to be shared. */
export function taskFileOf(
  { id: _, retired: __, ...task }: OwnTaskView,
  ownThings: readonly OwnThingsView[],
): TaskFile {
  const spokenOf = new Set([task.only, ...task.beside]);
  const things = ownThings.filter(({ id }) => spokenOf.has(id));
  return {
    format: taskFileFormat,
    version: taskFileVersion,
    task,
    things: things.map(({ retired: ___, ...one }) => one),
  };
}

/** A name for the file that any system takes. */
export const fileNameOf = ({ texts }: Pick<OwnTaskView, 'texts'>): string => {
  const name = texts.name
    .normalize('NFKD')
    .replace(/\p{Mark}+/gu, '')
    .replace(/[^\p{Letter}\p{Number}]+/gu, '-')
    .replace(/^-+|-+$/g, '');
  return `${name.toLocaleLowerCase() || 'task'}.dotting-task.json`;
};

/** Hands a file to the adult, as a download of this page’s own. */
export const saveFile = (name: string, content: object): void =>
  saveBlob(
    name,
    new Blob(
      [
        `${JSON.stringify(content, null, 2)}
`,
      ],
      { type: 'application/json' },
    ),
  );
