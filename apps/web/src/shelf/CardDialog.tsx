import type { OwnTaskView } from '@dotting/contract';
import type { TaskId } from '@dotting/core';
import { taskWords } from '@dotting/words';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import { words } from '../wording/all.js';
import { TaskCard } from './TaskCard.js';

export interface CardOf {
  readonly task: TaskId;
  readonly own: OwnTaskView | undefined;
}

/** The card of a task, over the tray that it is laid on. */
export function CardDialog({ task, own, onClose }: CardOf & { readonly onClose: () => void }) {
  return (
    <Dialog open onClose={onClose} fullWidth aria-label={own?.texts.name ?? taskWords(words, task).name()}>
      <DialogContent>
        <TaskCard id={task} own={own} />
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>{words.sitting.toTray()}</Button>
      </DialogActions>
    </Dialog>
  );
}
