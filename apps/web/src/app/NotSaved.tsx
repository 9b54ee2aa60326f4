import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogTitle from '@mui/material/DialogTitle';
import { useId } from 'react';
import { words } from '../wording/all.js';

interface NotSavedProps {
  readonly onStay: () => void;
  readonly onLeave: () => void;
}

/** What was typed is not saved: stay with it, or leave it. */
export function NotSaved({ onStay, onLeave }: NotSavedProps) {
  const id = useId();
  return (
    // The focus is with the button from the start; else the dialog takes it for itself.
    <Dialog open disableAutoFocus onClose={onStay} aria-labelledby={id}>
      <DialogTitle id={id}>{words.common.notSaved()}</DialogTitle>
      <DialogActions>
        <Button variant="contained" color="primary" autoFocus onClick={onStay}>
          {words.common.stay()}
        </Button>
        <Button onClick={onLeave}>{words.common.leaveUnsaved()}</Button>
      </DialogActions>
    </Dialog>
  );
}
