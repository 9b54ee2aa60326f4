import { settledEvents, type Gesture, type Happening, type HappeningEvent, type Word } from '@dotting/core';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { palette } from '../app/theme.js';
import { NumberPad } from './NumberPad.js';
import type { SittingTry } from './sitting.js';

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
    onGesture({ kind: 'amend', of: event!.seq, event: happening, reason: 'put right after the try' });
    setIsSaying(false);
  };

  return (
    <Box sx={{ display: 'grid', gap: 1.5 }}>
      <Box role="group" aria-label="What was recorded" sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.75 }}>
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
              '&[aria-pressed=true]': { borderColor: palette.ink, bgcolor: palette.sand },
            }}
          >
            {sayEvent(one)}
          </Button>
        ))}
      </Box>
      {!event && <Typography variant="body2">Touch what was recorded wrongly.</Typography>}
      {event && (
        <Box sx={{ display: 'flex', gap: 0.75, flexWrap: 'wrap' }}>
          {waysToAmend(event).map(({ words, happening }) => (
            <Button key={words} onClick={() => amend(happening)}>
              {words}
            </Button>
          ))}
          {saidIn(event) !== undefined && (
            <Button onClick={() => setIsSaying(true)}>Said something else …</Button>
          )}
          <Button
            onClick={() => {
              onGesture({ kind: 'take-out', of: event.seq });
              setChosen(undefined);
            }}
          >
            Never happened
          </Button>
        </Box>
      )}
      {event && isSaying && (
        <Box sx={{ maxWidth: 300 }}>
          <NumberPad
            title="Said"
            onSay={(said) => amend(withSaid(event, said))}
            onLeave={() => setIsSaying(false)}
          />
        </Box>
      )}
    </Box>
  );
}

function sayEvent(event: HappeningEvent): string {
  switch (event.kind) {
    case 'count':
      return event.item === 'again' ? `${event.word}, again` : String(event.word);
    case 'say':
      return `${event.word}, no touch`;
    case 'touch':
      return 'touch, no word';
    case 'passed-over':
      return 'left one out';
    case 'take-back':
      return 'took it back';
    case 'restart':
      return 'started again';
    case 'ask':
      return event.question === 'give'
        ? 'asked to give'
        : event.question === 'which'
          ? 'asked which'
          : 'how many?';
    case 'answer':
      return event.value === null
        ? 'no answer'
        : `answered ${event.value === 'did-not-know' ? 'did not know' : event.value}`;
    case 'given':
      return `gave ${event.value}`;
    case 'put':
      return event.place === 'outside' ? 'left outside' : `put in ${event.place}`;
  }
}

function saidIn(event: HappeningEvent): Word | null | undefined {
  if (event.kind === 'count' || event.kind === 'say') return event.word;
  return event.kind === 'answer' ? event.value : undefined;
}

function withSaid(event: HappeningEvent, said: Word): Happening {
  return event.kind === 'answer'
    ? { kind: 'answer', value: said }
    : { ...event, kind: event.kind === 'say' ? 'say' : 'count', word: said };
}

/** The other things that a tap on the mirror may have been. */
function waysToAmend(
  event: HappeningEvent,
): readonly { readonly words: string; readonly happening: Happening }[] {
  if (event.kind === 'answer') {
    return [
      { words: 'Did not know', happening: { kind: 'answer', value: 'did-not-know' } },
      { words: 'Gave no answer', happening: { kind: 'answer', value: null } },
    ];
  }
  if (event.kind !== 'count' && event.kind !== 'say') return [];
  const { word } = event;
  const isPlain = event.kind === 'count' && event.item !== 'again';
  return [
    ...(isPlain ? [] : [{ words: 'One word, one touch', happening: { kind: 'count' as const, word } }]),
    ...(event.kind === 'count' && event.item === 'again'
      ? []
      : [{ words: 'That one again', happening: { kind: 'count' as const, word, item: 'again' as const } }]),
    ...(event.kind === 'say' ? [] : [{ words: 'Word, no touch', happening: { kind: 'say' as const, word } }]),
    { words: 'Touch, no word', happening: { kind: 'touch' as const } },
  ];
}
