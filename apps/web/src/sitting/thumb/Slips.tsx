import { taskOf } from '@dotting/core';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { startOf, type Plan } from '../../outbox/sitting.js';
import type { KeyCommand } from '../keys.js';
import { words } from '../../wording/all.js';

interface SlipsProps {
  /** Nothing lies there: only the words can slip. */
  readonly onlyWords?: boolean;
  /** Nothing is touched: drops are only heard. */
  readonly isHeard?: boolean;
  /** Things are still being put to their places. */
  readonly isPutting?: boolean;
  /** How it is to be counted; none where it is only put to its places. */
  readonly plan?: Plan;
  /** Nothing is said yet. */
  readonly isLaying?: boolean;
  /** There is a last tap for the slips to act on. */
  readonly canMark: boolean;
  readonly onCommand: (command: KeyCommand) => void;
}

const slips: readonly {
  readonly command: KeyCommand;
  readonly told: () => string;
  readonly needsTap: boolean;
  readonly needsThings: boolean;
}[] = [
  { command: 'that-one-again', told: () => words.events.CountedTwice(), needsTap: true, needsThings: true },
  { command: 'left-one-out', told: () => words.events.MissedOne(), needsTap: false, needsThings: true },
  { command: 'word-no-touch', told: () => words.events.WordNoTouch(), needsTap: true, needsThings: true },
  { command: 'touch-no-word', told: () => words.events.TouchNoWord(), needsTap: true, needsThings: true },
  { command: 'other-word', told: () => words.slips.otherWord(), needsTap: true, needsThings: false },
  { command: 'started-again', told: () => words.slips.startedAgain(), needsTap: true, needsThings: false },
  { command: 'took-it-back', told: () => words.slips.corrected(), needsTap: true, needsThings: false },
];

/** Without a touch: a drop that went by, and what the words can show. */
const slipsOfHearing: typeof slips = slips.flatMap((slip) =>
  slip.command === 'left-one-out'
    ? [{ ...slip, told: () => words.slips.missedDrop() }]
    : slip.needsThings && slip.command !== 'that-one-again'
      ? []
      : [slip.command === 'that-one-again' ? { ...slip, told: () => words.slips.wordNoDrop() } : slip],
);

const slipsOfPutting: typeof slips = [
  { command: 'two-in-one', told: () => words.slips.twoInOne(), needsTap: true, needsThings: true },
  { command: 'left-outside', told: () => words.events.LeftOutside(), needsTap: true, needsThings: true },
  { command: 'first-word', told: () => words.slips.firstWord(), needsTap: true, needsThings: true },
  { command: 'finished', told: () => words.kinds.doneSharing(), needsTap: true, needsThings: true },
];

/** A count from one by ones; a zero said before it is a habit, and no slip. */
const beginsAtOne = (plan: Plan): boolean =>
  startOf(plan) === 1 && (plan.step ?? 1) === 1 && taskOf(plan.task).goes === undefined;

/** The slips, in one thumb's arc; each acts on the last tap. */
export function Slips({
  onlyWords = false,
  isHeard = false,
  isPutting = false,
  plan,
  isLaying = false,
  canMark,
  onCommand,
}: SlipsProps) {
  return (
    <Box role="group" aria-label={words.slips.title()} sx={{ display: 'grid', gap: 1 }}>
      {(isPutting ? slipsOfPutting : isHeard ? slipsOfHearing : slips)
        .filter(({ needsThings }) => !onlyWords || !needsThings)
        .map(({ command, told, needsTap }) => (
          <Button
            key={command}
            disabled={needsTap && !canMark}
            onClick={() => onCommand(command)}
            size="large"
            sx={{ justifyContent: 'flex-start' }}
          >
            {told()}
          </Button>
        ))}
      {plan?.second !== undefined && (
        <Button
          disabled={!canMark}
          onClick={() => onCommand('one-language')}
          size="large"
          sx={{ justifyContent: 'flex-start' }}
        >
          {words.slips.oneLanguage()}
        </Button>
      )}
      {isLaying && plan && taskOf(plan.task).goes !== undefined && (
        <Button onClick={() => onCommand('said-start')} size="large" sx={{ justifyContent: 'flex-start' }}>
          {words.sitting.saidItAgain({ n: plan.size })}
        </Button>
      )}
      {isLaying && plan && beginsAtOne(plan) && (
        <Button onClick={() => onCommand('zero-first')} size="large" sx={{ justifyContent: 'flex-start' }}>
          {words.slips.zeroFirst()}
        </Button>
      )}
    </Box>
  );
}
