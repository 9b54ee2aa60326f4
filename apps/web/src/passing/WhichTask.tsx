import type { NewGroupTime, OwnTaskView } from '@dotting/contract';
import { strands, tasks } from '@dotting/core';
import { taskWords } from '@dotting/words';
import ListSubheader from '@mui/material/ListSubheader';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { words } from '../wording/all.js';

/** A task of the shelf, or one of the room’s own with the task that it goes like. */
export type Shown = Pick<NewGroupTime, 'task' | 'own'>;

/** What a group most often does together. */
export const saidTogether: Shown = { task: 'say-far' };

/** The task of this id, of the room’s own or of the shelf. */
export function shownBy(id: string | null, own: readonly OwnTaskView[]): Shown | undefined {
  const written = own.find((one) => one.id === id);
  if (written) return { task: written.like, own: written.id };
  const shipped = tasks.find((one) => one.id === id);
  return shipped && { task: shipped.id };
}

interface WhichTaskProps {
  readonly task: Shown;
  /** What the room has written itself. */
  readonly own: readonly OwnTaskView[];
  readonly onChoose: (task: Shown) => void;
}

/** The room’s own first, then those of the shelf by strand. */
export function WhichTask({ task, own, onChoose }: WhichTaskProps) {
  const chosen = task.own ?? task.task;
  const offered = own.filter(({ id, retired }) => !retired || id === chosen);
  return (
    <TextField
      select
      label={words.plan.task()}
      value={chosen}
      onChange={(event) => onChoose(shownBy(event.target.value, own) ?? task)}
      sx={{ maxWidth: 460 }}
    >
      {offered.length > 0 && <ListSubheader>{words.ownTasks.ours()}</ListSubheader>}
      {offered.map(({ id, texts }) => (
        <MenuItem key={id} value={id}>
          {texts.name}
        </MenuItem>
      ))}
      {strands.flatMap((strand) => [
        <ListSubheader key={strand}>{words.strands[strand]()}</ListSubheader>,
        ...tasks
          .filter((one) => one.strand === strand)
          .map(({ id }) => (
            <MenuItem key={id} value={id}>
              {taskWords(words, id).name()}
            </MenuItem>
          )),
      ])}
    </TextField>
  );
}
