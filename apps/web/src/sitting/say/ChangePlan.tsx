import {
  counters,
  largestOf,
  laysThings,
  smallestOf,
  strands,
  taskOf,
  tasks,
  type Strand,
} from '@dotting/core';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { languageName } from '../../app/language.js';
import { useHere } from '../../entrance/here.js';
import { Choice } from '../../app/Choice.js';
import type { Plan, Sitting } from '../sitting.js';

interface ChangePlanProps {
  readonly child: Sitting['child'];
  readonly plan: Plan;
  readonly onLay: (plan: Partial<Omit<Plan, 'layout'>>, way?: string) => void;
}

const strandNames: Record<Strand, string> = {
  'stable-order': 'order',
  'one-to-one': 'one-to-one',
  cardinality: 'cardinality',
};

const ownChoice = 'Your own choice.';

/** Another task, number or kind of thing than the one proposed, in place of the column's text. */
export function ChangePlan({ child, plan, onLay }: ChangePlanProps) {
  const { here } = useHere();
  const task = taskOf(plan.task);
  const [strand, setStrand] = useState<Strand>(task.strand);
  const largest = largestOf(task);
  const lay = (change: Partial<Omit<Plan, 'layout'>>, way?: string): void =>
    onLay({ ...change, why: ownChoice }, way);
  return (
    <Box sx={{ display: 'grid', gap: 1.25, alignContent: 'start', flex: 1, overflow: 'auto', minHeight: 0 }}>
      <Choice
        label="Strand"
        value={strand}
        options={strands.map((one) => [one, strandNames[one]])}
        onChoose={setStrand}
      />
      <Choice
        label="Task"
        value={plan.task}
        options={tasks.filter((one) => one.strand === strand).map(({ id, name }) => [id, name])}
        onChoose={(id) => lay({ task: id })}
        columns={2}
      />
      <Box sx={{ display: 'flex', alignItems: 'center', gap: 1 }}>
        <Typography variant="body2" color="textSecondary" sx={{ flex: 1 }}>
          {laysThings(task) ? 'How many' : 'To which number'}
        </Typography>
        <Button
          aria-label="one fewer"
          disabled={plan.size <= smallestOf(task)}
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
          disabled={plan.size >= largest}
          onClick={() => lay({ size: plan.size + 1 })}
          sx={{ fontSize: '1.4rem' }}
        >
          +
        </Button>
      </Box>
      {task.ways && (
        <Choice
          label="In which way"
          value={plan.layout?.way ?? null}
          options={task.ways.map(({ id, words }) => [id, words])}
          onChoose={(way) => lay({}, way)}
        />
      )}
      {child.languages.length > 1 && (
        <Choice
          label="Counts in"
          value={plan.language}
          options={child.languages.map((tag) => [tag, languageName(tag, here.languages)])}
          onChoose={(language) => lay({ language })}
        />
      )}
      {laysThings(task) && task.only === undefined && (
        <Choice
          label="Things"
          value={plan.things}
          options={counters.map(({ id, many }) => [id, many])}
          onChoose={(things) => lay({ things })}
          columns={3}
        />
      )}
    </Box>
  );
}
