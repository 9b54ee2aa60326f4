import { counters, needs, otherQuestions, taskOf, trayFor, type Need, type TaskId } from '@dotting/core';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useMemo, type ReactNode } from 'react';
import { todayHere } from '../../app/days.js';
import { languageName } from '../../app/language.js';
import { needWords } from '../../app/needs.js';
import { palette } from '../../app/theme.js';
import { useHere } from '../../entrance/here.js';
import { Choice } from '../../app/Choice.js';
import type { Action } from '../after.js';
import type { Sitting } from '../sitting.js';

interface PlanSittingProps {
  readonly sitting: Sitting;
  readonly dispatch: (action: Action) => void;
}

const minutes = [2, 3, 4, 5, 6] as const;

/** Before the child comes: the minutes there are, what is asked in them, and the tray to lay for it. */
export function PlanSitting({ sitting, dispatch }: PlanSittingProps) {
  const { child, plan, whole, access } = sitting;
  const { here } = useHere();
  const tray = useMemo(
    () =>
      trayFor({
        task: plan.task,
        main: whole.main,
        n: plan.size,
        things: plan.things,
        layout: plan.layout,
        other: whole.other,
        child,
        day: todayHere(),
      }),
    [plan, whole, child],
  );
  return (
    <Box
      sx={{ flex: 1, minHeight: 0, overflow: 'auto', p: 1, display: 'grid', gap: 2, alignContent: 'start' }}
    >
      <Typography variant="h1" sx={{ fontSize: '1.7rem' }}>
        {whole.minutes} minutes with {child.firstName}
      </Typography>
      <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 3 }}>
        <Box sx={{ display: 'grid', gap: 2, alignContent: 'start' }}>
          <Choice
            label="Minutes there are"
            value={String(whole.minutes)}
            options={minutes.map((n) => [String(n), String(n)])}
            onChoose={(chosen) => dispatch({ kind: 'whole-plan', whole: { minutes: Number(chosen) } })}
          />
          <Part label="First">
            <b>{taskOf(plan.task).name}</b>. {plan.why}
          </Part>
          {(whole.main !== plan.task || whole.mainWhy !== plan.why) && (
            <Part label="What it is for">
              <b>{taskOf(whole.main).name}</b>. {whole.mainWhy}
            </Part>
          )}
          <Other sitting={sitting} dispatch={dispatch} />
          {child.languages.length > 1 && (
            <Choice
              label="Counts in"
              value={plan.language}
              options={child.languages.map((tag) => [tag, languageName(tag, here.languages)])}
              onChoose={(language) => dispatch({ kind: 'lay', plan: { language } })}
            />
          )}
        </Box>
        <Box
          component="section"
          aria-label="The tray to lay"
          sx={{ display: 'grid', gap: 1, alignContent: 'start' }}
        >
          <Choice
            label="With which things"
            value={plan.things}
            options={counters.map(({ id, many }) => [id, many])}
            onChoose={(things) => dispatch({ kind: 'lay', plan: { things } })}
            columns={2}
          />
          <Part label="The tray">
            <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
              {tray.lines.length === 0 && <li>nothing: words alone</li>}
              {tray.lines.map((line) => (
                <li key={line}>{line}</li>
              ))}
            </Box>
            {tray.cautions.map((caution) => (
              <Typography key={caution} variant="body2" color="textSecondary" sx={{ mt: 0.5 }}>
                {caution}
              </Typography>
            ))}
          </Part>
          <Needed access={access} onChange={(changed) => dispatch({ kind: 'access', access: changed })} />
        </Box>
      </Box>
    </Box>
  );
}

function Part({ label, children }: { readonly label: string; readonly children: ReactNode }) {
  return (
    <Box>
      <Typography variant="body2" color="textSecondary">
        {label}
      </Typography>
      <Typography component="div">{children}</Typography>
    </Box>
  );
}

/** At most one other question, on what lies there already. */
function Other({ sitting: { whole }, dispatch }: PlanSittingProps) {
  const options = otherQuestions(whole.main);
  return (
    <Choice<TaskId | 'none'>
      label="Then, if there is time"
      value={whole.other !== null && options.includes(whole.other) ? whole.other : 'none'}
      options={[...options.map((id) => [id, taskOf(id).name] as const), ['none', 'nothing more']]}
      onChoose={(id) => dispatch({ kind: 'whole-plan', whole: { other: id === 'none' ? null : id } })}
      columns={2}
    />
  );
}

interface NeededProps {
  readonly access: readonly Need[];
  readonly onChange: (access: readonly Need[]) => void;
}

/** What is done otherwise today; from what the child needs, and changed for this sitting only. */
function Needed({ access, onChange }: NeededProps) {
  return (
    <Box role="group" aria-label="Done otherwise for">
      <Typography variant="body2" color="textSecondary">
        Done otherwise for
      </Typography>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.5 }}>
        {needs.map((need) => {
          const isOn = access.includes(need);
          return (
            <Button
              key={need}
              aria-pressed={isOn}
              onClick={() => onChange(isOn ? access.filter((one) => one !== need) : [...access, need])}
              sx={{
                fontWeight: 500,
                px: 1.5,
                '&[aria-pressed=true]': { bgcolor: palette.sand, borderColor: palette.ink, fontWeight: 700 },
              }}
            >
              {needWords[need].toLowerCase()}
            </Button>
          );
        })}
      </Box>
    </Box>
  );
}
