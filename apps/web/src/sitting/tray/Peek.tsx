import type { TraceEvent, TraySet } from '@dotting/core';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { later } from '../../common/later.js';
import { words } from '../../wording/all.js';

const SoFar = later(async () => (await import('./SoFar.js')).SoFar);

interface PeekProps {
  readonly events: readonly TraceEvent[];
  readonly set: TraySet;
  readonly isPeeking: boolean;
  readonly onPeek: (isPeeking: boolean) => void;
}

/** The words said so far, small and only while held: a child may see the screen. */
export function Peek({ events, set, isPeeking, onPeek }: PeekProps) {
  return (
    <Box sx={{ display: 'flex', alignItems: 'center', gap: 1, flex: 1, minWidth: 0 }}>
      <Button
        variant="text"
        disabled={events.length === 0}
        onPointerDown={() => onPeek(true)}
        onPointerUp={() => onPeek(false)}
        onPointerLeave={() => onPeek(false)}
        onPointerCancel={() => onPeek(false)}
        onContextMenu={(event) => event.preventDefault()}
        sx={{ color: 'inkSoft', fontWeight: 500, touchAction: 'none' }}
      >
        {words.tray.hold()}
      </Button>
      {isPeeking && (
        <Box
          component="output"
          sx={{
            fontSize: 15,
            color: 'inkSoft',
            whiteSpace: 'nowrap',
            overflow: 'hidden',
            textOverflow: 'ellipsis',
            direction: 'rtl',
          }}
        >
          <SoFar events={events} set={set} />
        </Box>
      )}
    </Box>
  );
}
