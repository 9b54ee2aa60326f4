import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import { useState, type ReactNode } from 'react';
import { Leave } from '../../standIns/Leave.js';
import { words } from '../../wording/all.js';

/** A button that gives the whole screen to the child, until something is taken there or the adult comes back. */
export function ShowToChild({ children }: { readonly children: (close: () => void) => ReactNode }) {
  const [isTurned, setTurned] = useState(false);
  const close = (): void => setTurned(false);
  return (
    <>
      <Button variant="text" onClick={() => setTurned(true)} sx={{ alignSelf: 'start', m: 1 }}>
        {words.tray.showToChild()}
      </Button>
      <Dialog
        fullScreen
        open={isTurned}
        onClose={close}
        slotProps={{ paper: { 'aria-label': words.tray.showToChild() } }}
      >
        {children(close)}
        <Leave onLeave={close} />
      </Dialog>
    </>
  );
}
