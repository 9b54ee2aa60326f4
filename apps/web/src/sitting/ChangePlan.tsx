import { counters, largestSize, smallestSize, tasks } from '@dotting/core';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { palette } from '../app/theme.js';
import type { Plan } from './sitting.js';
import { Choice } from './Choice.js';

interface ChangePlanProps {
  readonly plan: Plan;
  readonly onLay: (plan: Partial<Plan>) => void;
  readonly onDone: () => void;
}

const ownChoice = 'Your own choice.';

/** Another task, number or kind of thing than the one proposed, in place of the column's text. */
export function ChangePlan({ plan, onLay, onDone }: ChangePlanProps) {
  const lay = (change: Partial<Plan>): void => onLay({ ...change, why: ownChoice });
  return (
    <Box sx={{ display: 'grid', gap: 2, alignContent: 'start', flex: 1, overflow: 'auto', minHeight: 0 }}>
      <Choice
        label="Task"
        value={plan.task}
        options={tasks.map(({ id, name }) => [id, name])}
        onChoose={(task) => lay({ task })}
        column
      />
      <Box>
        <Typography variant="body2" color="textSecondary">
          How many things
        </Typography>
        <Box sx={{ display: 'flex', alignItems: 'center', gap: 1 }}>
          <Button
            aria-label="one fewer"
            disabled={plan.size <= smallestSize}
            onClick={() => lay({ size: plan.size - 1 })}
            sx={{ fontSize: '1.4rem' }}
          >
            −
          </Button>
          <Typography
            sx={{ fontSize: '1.6rem', minWidth: 56, textAlign: 'center', fontWeight: 700 }}
            aria-live="polite"
            aria-label="How many to lay"
            role="status"
          >
            {plan.size}
          </Typography>
          <Button
            aria-label="one more"
            disabled={plan.size >= largestSize}
            onClick={() => lay({ size: plan.size + 1 })}
            sx={{ fontSize: '1.4rem' }}
          >
            +
          </Button>
        </Box>
      </Box>
      <Choice
        label="Things"
        value={plan.things}
        options={counters.map(({ id, many }) => [id, many])}
        onChoose={(things) => lay({ things })}
        column
      />
      <Button onClick={onDone} sx={{ borderColor: palette.ink }}>
        Lay this
      </Button>
    </Box>
  );
}
