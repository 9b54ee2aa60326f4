import type { ChildPage, NextStepView, NewStepDecision } from '@dotting/contract';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { request } from '../api/http.js';
import { childQuery, queryClient } from '../api/queries.js';
import { capitalised } from '../common/text.js';
import { Reasons } from '../common/Reasons.js';
import { tight } from '../common/theme.js';
import { words } from '../wording/all.js';
import { LessonsFirst } from './LessonsFirst.js';

type Decide = (decision: NewStepDecision) => void;

/** Three choices and an easier one; the adult decides, and may pin one or put it away. */
export function NextSteps({ page, mayDecide }: { readonly page: ChildPage; readonly mayDecide: boolean }) {
  const { child, steps, easier, decisions } = page;
  const decide = useMutation({
    mutationFn: (decision: NewStepDecision) => request('POST', `children/${child.id}/steps`, decision),
    onSuccess: () => queryClient.invalidateQueries({ queryKey: childQuery(child.id).queryKey }),
  });
  const pinned = decisions.find((one) => one.decision === 'pinned')?.skill;
  const away = decisions.filter((one) => one.decision === 'dismissed');
  return (
    <Box component="section" aria-label={words.child.nextSteps()} sx={choices}>
      <Typography variant="h2" sx={{ gridColumn: '1 / -1' }}>
        {words.child.nextSteps()}
      </Typography>
      <LessonsFirst child={child} mayChange={mayDecide} />
      {steps.map((step) => (
        <Step
          key={step.skill}
          childId={child.id}
          step={step}
          isPinned={step.skill === pinned}
          decide={mayDecide ? decide.mutate : undefined}
        />
      ))}
      {easier && (
        <Box>
          <Typography variant="body2" color="textSecondary" sx={{ mb: 0.5 }}>
            {words.child.shouldGoWell()}
          </Typography>
          <Step childId={child.id} step={easier} isPinned={false} decide={undefined} />
        </Box>
      )}
      {away.map((one) => (
        <Typography key={one.skill} variant="body2" color="textSecondary">
          {words.child.putAwayBy({ name: one.by, step: one.name, reason: one.reason })}
          {mayDecide && (
            <Button
              variant="text"
              onClick={() => decide.mutate({ skill: one.skill, decision: 'open', reason: '' })}
            >
              {words.child.bringBack()}
            </Button>
          )}
        </Typography>
      ))}
      {decide.error && <Alert>{decide.error.message}</Alert>}
    </Box>
  );
}

interface StepProps {
  readonly childId: string;
  readonly step: NextStepView;
  readonly isPinned: boolean;
  readonly decide: Decide | undefined;
}

function Step({ childId, step, isPinned, decide }: StepProps) {
  const [isDismissing, setDismissing] = useState(false);
  const { skill } = step;
  return (
    <Box role="group" aria-label={capitalised(step.title)} sx={{ ...card, borderWidth: isPinned ? 3 : 1 }}>
      <Typography variant="h3">{capitalised(step.title)}</Typography>
      <Typography variant="body2" color="textSecondary" sx={{ mt: 0.5 }}>
        {step.why}
      </Typography>
      <Typography variant="body2" color="textSecondary" sx={{ mt: 0.5, displayPrint: 'none' }}>
        {words.child.easierHarder({ easier: step.stepDown, harder: step.stepUp })}
      </Typography>
      <Box sx={{ display: 'flex', gap: 0.5, mt: 1, flexWrap: 'wrap', displayPrint: 'none' }}>
        <Button component={Link} to={`/sit/${childId}`} state={{ step }} sx={small}>
          {words.child.doThis()}
        </Button>
        {decide && (
          <>
            <Button
              sx={small}
              onClick={() => decide({ skill, decision: isPinned ? 'open' : 'pinned', reason: '' })}
            >
              {isPinned ? words.child.dontKeepAtTop() : words.child.keepAtTop()}
            </Button>
            <Button sx={small} onClick={() => setDismissing(!isDismissing)} aria-expanded={isDismissing}>
              {words.child.notNow()}
            </Button>
          </>
        )}
      </Box>
      {isDismissing && decide && (
        <Reasons
          title={words.child.whyNotNow()}
          usual={reasons()}
          onReason={(reason) => decide({ skill, decision: 'dismissed', reason })}
        />
      )}
    </Box>
  );
}

const reasons = () => [words.child.reasonOther(), words.child.reasonSoon(), words.child.reasonPlay()];

/** One below the other; two to a line where there is the whole width for them. */
const choices = {
  display: 'grid',
  gap: 1,
  gridTemplateColumns: 'minmax(0, 1fr)',
  alignItems: 'start',
  [tight]: { gridTemplateColumns: 'repeat(auto-fit, minmax(min(20rem, 100%), 1fr))' },
  '@media print': { gridTemplateColumns: 'minmax(0, 1fr)' },
} as const;

const card = {
  bgcolor: 'gate',
  border: 1,
  borderColor: 'line',
  borderRadius: '14px',
  p: 1.5,
} as const;
const small = { px: 1.25 } as const;
