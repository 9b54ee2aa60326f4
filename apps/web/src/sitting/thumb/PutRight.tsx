import { settledEvents, type Gesture, type Happening } from '@dotting/core';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { sayEvent } from '../../amending/sayEvent.js';
import { saidIn, waysToAmend, withSaid } from '../../amending/waysToAmend.js';
import { NumberPad } from './NumberPad.js';
import type { SittingTry } from '../../outbox/sitting.js';
import { words } from '../../wording/all.js';

interface PutRightProps {
  readonly tried: SittingTry;
  readonly onGesture: (gesture: Gesture) => void;
}

/** What was recorded, event by event; each can be put right, and the original is kept. */
export function PutRight({ tried, onGesture }: PutRightProps) {
  const [chosen, setChosen] = useState<number>();
  const [isSaying, setIsSaying] = useState(false);
  const events = settledEvents(tried.events);
  const event = events.find((one) => one.seq === chosen);
  const amend = (happening: Happening): void => {
    onGesture({ kind: 'amend', of: event!.seq, event: happening, reason: words.thumb.correctedAfter() });
    setIsSaying(false);
  };

  return (
    <Box sx={{ display: 'grid', gap: 1.5 }}>
      <Box
        role="group"
        aria-label={words.thumb.recorded()}
        sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.75 }}
      >
        {events.map((one) => (
          <Button
            key={one.seq}
            aria-pressed={one.seq === chosen}
            onClick={() => {
              setChosen(one.seq === chosen ? undefined : one.seq);
              setIsSaying(false);
            }}
            sx={{
              minWidth: 48,
              px: 1.25,
              fontWeight: 500,
              '&[aria-pressed=true]': { borderColor: 'ink', bgcolor: 'sand' },
            }}
          >
            {sayEvent(one, tried.head.set)}
          </Button>
        ))}
      </Box>
      {!event && <Typography variant="body2">{words.thumb.tapWrong()}</Typography>}
      {event && (
        <Box sx={{ display: 'flex', gap: 0.75, flexWrap: 'wrap' }}>
          {waysToAmend(event, tried.head.set).map(({ told, happening }) => (
            <Button key={told} onClick={() => amend(happening)}>
              {told}
            </Button>
          ))}
          {saidIn(event) !== undefined && (
            <Button onClick={() => setIsSaying(true)}>{words.replay.saidOther()}</Button>
          )}
          <Button
            onClick={() => {
              onGesture({ kind: 'take-out', of: event.seq });
              setChosen(undefined);
            }}
          >
            {words.replay.neverHappened()}
          </Button>
        </Box>
      )}
      {event && isSaying && (
        <Box sx={{ maxWidth: 300 }}>
          <NumberPad
            title={words.events.Said()}
            onSay={(said) => amend(withSaid(event, said))}
            onLeave={() => setIsSaying(false)}
          />
        </Box>
      )}
    </Box>
  );
}
