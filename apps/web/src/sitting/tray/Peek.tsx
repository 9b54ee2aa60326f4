import { settledEvents, type TraceEvent } from '@dotting/core';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { palette } from '../../app/theme.js';

interface PeekProps {
  readonly events: readonly TraceEvent[];
  readonly isPeeking: boolean;
  readonly onPeek: (isPeeking: boolean) => void;
}

/** The words said so far, small and only while held: a child may see the screen. */
export function Peek({ events, isPeeking, onPeek }: PeekProps) {
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
        sx={{ color: palette.inkSoft, fontWeight: 500, touchAction: 'none' }}
      >
        Hold to peek
      </Button>
      {isPeeking && (
        <Box
          component="output"
          sx={{
            fontSize: 15,
            color: palette.inkSoft,
            whiteSpace: 'nowrap',
            overflow: 'hidden',
            textOverflow: 'ellipsis',
            direction: 'rtl',
          }}
        >
          <bdi>{wordsSaid(events)}</bdi>
        </Box>
      )}
    </Box>
  );
}

function wordsSaid(events: readonly TraceEvent[]): string {
  const parts = settledEvents(events).map((event) => {
    switch (event.kind) {
      case 'count':
        return event.item === 'again' ? `${event.word} (again)` : String(event.word);
      case 'say':
        return `${event.word} (no touch)`;
      case 'touch':
        return '(touch)';
      case 'passed-over':
        return '(left out)';
      case 'take-back':
        return '(took back)';
      case 'restart':
        return '|';
      case 'ask':
        return '?';
      case 'put':
        return `(${event.place})`;
      case 'given':
      case 'answer':
        return `= ${event.value ?? 'no answer'}`;
      default:
        return '';
    }
  });
  return parts.filter((part) => part !== '').join('  ');
}
