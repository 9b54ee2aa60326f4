import type { TraceEvent, TraySet } from '@dotting/core';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { words } from '../wording/all.js';
import { Peek } from './tray/Peek.js';

interface TrayToolsProps {
  /** What was recorded, to be peeked at; null where there is no try yet. */
  readonly events: readonly TraceEvent[] | null;
  readonly set: TraySet;
  readonly isPeeking: boolean;
  readonly onPeek: (isPeeking: boolean) => void;
  readonly byThing: boolean;
  /** Null where things cannot be tapped one by one. */
  readonly onByThing: ((byThing: boolean) => void) | null;
  /** Null where what was laid has no other way round. */
  readonly onTurn: (() => void) | null;
  readonly onKeys: () => void;
}

/** What can be done about the tray itself, beneath it. */
export function TrayTools(props: TrayToolsProps) {
  const { events, set, isPeeking, onPeek, byThing, onByThing, onTurn, onKeys } = props;
  return (
    <Box sx={{ display: 'flex', alignItems: 'center', gap: 1, minHeight: 48 }}>
      {events && <Peek events={events} set={set} isPeeking={isPeeking} onPeek={onPeek} />}
      {onByThing && (
        <Button variant="text" onClick={() => onByThing(!byThing)} aria-pressed={byThing} sx={quiet}>
          {words.sitting.byThing()}
        </Button>
      )}
      {onTurn && (
        <Button variant="text" onClick={onTurn} sx={quiet}>
          {words.sitting.turn()}
        </Button>
      )}
      <Button
        onClick={onKeys}
        aria-label={words.keys.title()}
        sx={{ ...quiet, minWidth: 48, marginInlineStart: events ? 0 : 'auto' }}
      >
        ?
      </Button>
    </Box>
  );
}

const quiet = {
  color: 'inkSoft',
  fontWeight: 500,
  '&[aria-pressed=true]': { bgcolor: 'sand', color: 'ink' },
} as const;
