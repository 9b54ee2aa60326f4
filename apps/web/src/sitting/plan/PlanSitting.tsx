import { counters as shipped, needs, tooMuchLastTime, type Need } from '@dotting/core';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useMemo } from 'react';
import { todayHere } from '../../common/days.js';
import { languageName } from '../../common/language.js';
import { narrow, slim, tight } from '../../common/theme.js';
import { useHere } from '../../common/here.js';
import { Choice } from '../../common/Choice.js';
import { Part } from '../../common/Part.js';
import type { Action } from '../after.js';
import type { Sitting } from '../../outbox/sitting.js';
import { useOwn } from '../../common/own.js';
import { asCounters, countable } from '@dotting/contract/counters';
import { thingsWords } from '@dotting/words';
import { useIsPainted } from '../../common/afterPaint.js';
import { later } from '../../common/later.js';
import { words } from '../../wording/all.js';
import { OnTheTray, toldOf } from './OnTheTray.js';

const OtherQuestion = later(async () => (await import('./OtherQuestion.js')).OtherQuestion);

interface PlanSittingProps {
  readonly sitting: Sitting;
  /** Another task is being chosen: upright there is room for one of the two. */
  readonly givesWay: boolean;
  readonly dispatch: (action: Action) => void;
}

const minutes = [2, 3, 4, 5, 6] as const;

/** Before the child comes: the minutes there are, what is asked in them, and the tray to lay for it. */
export function PlanSitting({ sitting, givesWay, dispatch }: PlanSittingProps) {
  const { child, plan, whole, access } = sitting;
  const { here } = useHere();
  const { ownThings } = useOwn(child.roomId);
  const counters = useMemo(() => asCounters(ownThings), [ownThings]);
  const gently = useMemo(() => tooMuchLastTime(sitting.earlier, todayHere()), [sitting.earlier]);
  const isPainted = useIsPainted();
  return (
    <Box sx={{ ...around, ...(givesWay && { [narrow]: { display: 'none' }, [slim]: { display: 'grid' } }) }}>
      <Typography variant="h1" component="h2" sx={{ fontSize: '1.7rem' }}>
        {words.plan.title({ n: whole.minutes, name: child.firstName })}
      </Typography>
      {gently && (
        <Typography role="note">{words.plan.gently[gently.because]({ name: child.firstName })}</Typography>
      )}
      <Box sx={halves}>
        <Box sx={{ display: 'grid', gap: 1.5, alignContent: 'start' }}>
          <Choice
            label={words.plan.time()}
            value={String(whole.minutes)}
            options={minutes.map((n) => [String(n), String(n)])}
            onChoose={(chosen) => dispatch({ kind: 'whole-plan', whole: { minutes: Number(chosen) } })}
          />
          <Part label={words.plan.first()}>
            <Named name={toldOf(plan, plan.task).name()} why={plan.why} />
          </Part>
          {(whole.main !== plan.task || whole.mainWhy !== plan.why) && (
            <Part label={words.plan.forWhat()}>
              <Named name={toldOf(plan, whole.main).name()} why={whole.mainWhy} />
            </Part>
          )}
          <Box sx={{ minHeight: 40 }}>{isPainted && <OtherQuestion whole={whole} dispatch={dispatch} />}</Box>
        </Box>
        <Box
          component="section"
          aria-label={words.plan.tray()}
          sx={{ display: 'grid', gap: 1, alignContent: 'start' }}
        >
          {child.languages.length > 1 && (
            <Choice
              label={words.fields.countsInNow()}
              value={plan.language}
              options={child.languages.map((tag) => [tag, languageName(tag, here.languages)])}
              onChoose={(language) => dispatch({ kind: 'lay', plan: { language, second: undefined } })}
            />
          )}
          <Choice
            label={words.plan.using()}
            value={plan.things}
            options={[...shipped, ...countable(ownThings)].map(({ id }) => [id, thingsWords(words, id)])}
            onChoose={(things) => dispatch({ kind: 'lay', plan: { things } })}
            columns={3}
          />
          <OnTheTray sitting={sitting} own={counters} />
          <Needed access={access} onChange={(changed) => dispatch({ kind: 'access', access: changed })} />
        </Box>
      </Box>
    </Box>
  );
}

/** What a task is called, and why it is put. */
function Named({ name, why }: { readonly name: string; readonly why: string }) {
  return (
    <>
      <b>{name}</b>
      {/[?!]$/.test(name) ? '' : '.'} {why}
    </>
  );
}

interface NeededProps {
  readonly access: readonly Need[];
  readonly onChange: (access: readonly Need[]) => void;
}

/** What is done otherwise today; from what the child needs, and changed for this sitting only. */
function Needed({ access, onChange }: NeededProps) {
  return (
    <Box role="group" aria-label={words.columns.needs()}>
      <Typography variant="body2" color="textSecondary">
        {words.columns.needs()}
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
                [tight]: { fontSize: '0.84rem', px: 1 },
                '&[aria-pressed=true]': { bgcolor: 'sand', borderColor: 'ink', fontWeight: 700 },
              }}
            >
              {words.needs[need]()}
            </Button>
          );
        })}
      </Box>
    </Box>
  );
}

const around = {
  flex: 1,
  minHeight: 0,
  overflow: 'auto',
  p: 1,
  display: 'grid',
  gap: 1.5,
  alignContent: 'start',
} as const;

const halves = {
  display: 'grid',
  gridTemplateColumns: 'minmax(0, 1fr) minmax(0, 1fr)',
  gap: 3,
  [tight]: { gap: 2 },
  [slim]: { gridTemplateColumns: 'minmax(0, 1fr)' },
} as const;
