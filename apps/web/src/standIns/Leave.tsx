import Button from '@mui/material/Button';
import { useEffect, useRef } from 'react';
import { words } from '../wording/all.js';

const holdMs = 800;

/** The adult’s way back: held for a moment, so that a child’s tap does not leave; by the keyboard one press does. */
export function Leave({ onLeave }: { readonly onLeave: () => void }) {
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);
  const stop = (): void => clearTimeout(timer.current);
  useEffect(() => () => clearTimeout(timer.current), []);
  return (
    <Button
      variant="text"
      onPointerDown={(event) => {
        event.stopPropagation();
        timer.current = setTimeout(onLeave, holdMs);
      }}
      onPointerUp={stop}
      onPointerLeave={stop}
      onPointerCancel={stop}
      onContextMenu={(event) => event.preventDefault()}
      onKeyDown={(event) => {
        if (event.key !== 'Enter') return;
        // Or the button that gave the screen, which has the focus again, would be pressed with it.
        event.preventDefault();
        onLeave();
      }}
      sx={{ justifySelf: 'end', color: 'inkSoft', touchAction: 'none' }}
    >
      {words.standIns.leave()}
    </Button>
  );
}
