import type { ReplayStep, TraySet } from '@dotting/core';
import { tellStepSlip } from '@dotting/words';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { sayEvent } from '../amending/sayEvent.js';
import { words } from '../wording/all.js';

/** The slips at a step, in words. */
export const slipsOf = ({ slips }: ReplayStep): string =>
  slips.map((slip) => tellStepSlip(words, slip)).join('; ');

interface StepListProps {
  readonly steps: readonly ReplayStep[];
  /** How many of them have been replayed. */
  readonly done: number;
  readonly set: TraySet;
  readonly onGo: (to: number) => void;
}

/** Every step of a try, each to be gone to. */
export function StepList({ steps, done, set, onGo }: StepListProps) {
  return (
    <Box
      role="group"
      aria-label={words.replay.whatHappened()}
      sx={{ display: 'flex', gap: 0.75, flexWrap: 'wrap' }}
    >
      {steps.map((step, i) => (
        <Button
          key={step.event.seq}
          onClick={() => onGo(i + 1)}
          aria-current={i === done - 1 ? 'step' : undefined}
          title={slipsOf(step)}
          sx={{
            minWidth: 48,
            px: 1.25,
            fontWeight: 500,
            opacity: i < done ? 1 : 0.75,
            // Form tells a slip, not colour alone.
            borderStyle: step.slips.length > 0 ? 'dashed' : 'solid',
            borderWidth: step.slips.length > 0 ? 3 : 1,
          }}
        >
          {sayEvent(step.event, set)}
        </Button>
      ))}
    </Box>
  );
}
