import type { CaptureKind } from '@dotting/core';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { KeyCommand } from '../keys.js';
import { target } from '../../app/theme.js';

interface SlipsProps {
  readonly kind: CaptureKind;
  /** Nothing is touched: drops are only heard. */
  readonly isHeard?: boolean;
  /** Things are still being put to their places. */
  readonly isPutting?: boolean;
  /** There is a last tap for the slips to act on. */
  readonly canMark: boolean;
  readonly onCommand: (command: KeyCommand) => void;
}

const slips: readonly {
  readonly command: KeyCommand;
  readonly words: string;
  readonly needsTap: boolean;
  readonly needsThings: boolean;
}[] = [
  { command: 'that-one-again', words: 'That one again', needsTap: true, needsThings: true },
  { command: 'left-one-out', words: 'Left one out', needsTap: false, needsThings: true },
  { command: 'word-no-touch', words: 'Word, no touch', needsTap: true, needsThings: true },
  { command: 'touch-no-word', words: 'Touch, no word', needsTap: true, needsThings: true },
  { command: 'other-word', words: 'Other word …', needsTap: true, needsThings: false },
  { command: 'started-again', words: 'Started again', needsTap: true, needsThings: false },
  { command: 'took-it-back', words: 'Took it back', needsTap: true, needsThings: false },
];

/** Without a touch: a drop that went by, and what the words can show. */
const slipsOfHearing: typeof slips = slips.flatMap((slip) =>
  slip.command === 'left-one-out'
    ? [{ ...slip, words: 'Let a drop go by' }]
    : slip.needsThings && slip.command !== 'that-one-again'
      ? []
      : [slip.command === 'that-one-again' ? { ...slip, words: 'A word with no drop' } : slip],
);

const slipsOfPutting: typeof slips = [
  { command: 'two-in-one', words: 'Two in one place', needsTap: true, needsThings: true },
  { command: 'left-outside', words: 'Left it outside', needsTap: true, needsThings: true },
  { command: 'first-word', words: 'Counts now: first word', needsTap: true, needsThings: true },
  { command: 'finished', words: 'Done sharing', needsTap: true, needsThings: true },
];

/** The slips, in one thumb's arc; each acts on the last tap. */
export function Slips({ kind, isHeard = false, isPutting = false, canMark, onCommand }: SlipsProps) {
  return (
    <Box role="group" aria-label="Slips" sx={{ display: 'grid', gap: 1 }}>
      {(isPutting ? slipsOfPutting : isHeard ? slipsOfHearing : slips)
        .filter(({ needsThings }) => kind !== 'say' || !needsThings)
        .map(({ command, words, needsTap }) => (
          <Button
            key={command}
            disabled={needsTap && !canMark}
            onClick={() => onCommand(command)}
            sx={{ minHeight: target.sitting, justifyContent: 'flex-start' }}
          >
            {words}
          </Button>
        ))}
    </Box>
  );
}
