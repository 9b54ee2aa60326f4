import { trayFor, type Counter, type TaskId } from '@dotting/core';
import { amountOf, numbersIn, taskWords, tellCautions, thingsWords, type TaskWords } from '@dotting/words';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { useMemo } from 'react';
import { todayHere } from '../../common/days.js';
import { Part } from '../../common/Part.js';
import { points } from '../../common/theme.js';
import { schoolsIn, type Plan, type Sitting } from '../../outbox/sitting.js';
import { words } from '../../wording/all.js';
import { planWords } from '../say/script.js';

/** What there is to say of a task: of the one that is planned, in its own way. */
export const toldOf = (plan: Plan, id: TaskId): TaskWords =>
  id === plan.task ? planWords(plan) : taskWords(words, id);

interface OnTheTrayProps {
  readonly sitting: Sitting;
  /** Kinds of things that the room has added. */
  readonly own: readonly Counter[];
}

/** All that is to be fetched for a sit-down, and how to look after it. */
export function OnTheTray({ sitting, own }: OnTheTrayProps) {
  const { child, plan, whole } = sitting;
  const tray = useMemo(
    () =>
      trayFor({
        task: plan.task,
        main: whole.main,
        n: plan.size,
        things: plan.things,
        layout: plan.layout,
        other: whole.other,
        round: whole.round?.tasks,
        child,
        day: todayHere(),
        own,
        ownTask: plan.own,
      }),
    [plan, whole, child, own],
  );
  const lines = [
    ...tray.things.map(({ kind, amount }) => amountOf(words, amount, kind)),
    ...tray.tasks.flatMap(
      (id) => toldOf(plan, id).also?.(numbersIn(plan.size, plan.layout, schoolsIn(sitting))) ?? [],
    ),
    ...(plan.own?.beside ?? []).map((kind) => thingsWords(words, kind)),
  ];
  const cautions = [
    ...tellCautions(words, tray.cautions, child),
    ...tray.tasks.flatMap((id) => toldOf(plan, id).caution?.() ?? []),
  ];
  return (
    <Part label={words.plan.tray()}>
      <Box component="ul" sx={points}>
        {lines.length === 0 && <li>{words.plan.noThings()}</li>}
        {lines.map((line) => (
          <li key={line}>{line}</li>
        ))}
      </Box>
      {cautions.map((caution) => (
        <Typography key={caution} variant="body2" color="textSecondary" sx={{ mt: 0.5 }}>
          {caution}
        </Typography>
      ))}
    </Part>
  );
}
