import { settledEvents, type TraceEvent, type TraySet } from '@dotting/core';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { sayEvent } from '../../amending/sayEvent.js';
import { words } from '../../wording/words.js';

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
          <bdi>{wordsSaid(events, set)}</bdi>
        </Box>
      )}
    </Box>
  );
}

const wordsSaid = (events: readonly TraceEvent[], set: TraySet): string =>
  settledEvents(events)
    .map((event) => sayEvent(event, set))
    .join(' · ');
