import type { OwnTaskView } from '@dotting/contract';
import type { TaskId } from '@dotting/core';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import { taskWords } from '@dotting/words';
import { useState } from 'react';
import { words } from '../wording/words.js';
import { TaskCard } from './TaskCard.js';

interface CardButtonProps {
  readonly task: TaskId;
  readonly own: OwnTaskView | undefined;
}

/** The card of the task that is being laid, on one tap. */
export function CardButton({ task, own }: CardButtonProps) {
  const [isOpen, setOpen] = useState(false);
  return (
    <>
      <Button variant="text" onClick={() => setOpen(true)} sx={{ justifySelf: 'start', px: 0 }}>
        {words.shelf.about()}
      </Button>
      <Dialog
        open={isOpen}
        onClose={() => setOpen(false)}
        fullWidth
        aria-label={own?.texts.name ?? taskWords(words, task).name()}
      >
        <DialogContent>
          <TaskCard id={task} own={own} />
        </DialogContent>
        <DialogActions>
          <Button onClick={() => setOpen(false)}>{words.sitting.toTray()}</Button>
        </DialogActions>
      </Dialog>
    </>
  );
}
