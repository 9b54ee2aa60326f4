import { asCounters, countable, type OwnTaskBody, type RoomHere } from '@dotting/contract';
import { counters, entryOf, replaySteps, type OwnTaskId, type Trace } from '@dotting/core';
import { oneTry, usualChild } from '@dotting/core/workings';
import { describeSet, tellStepSlip, tellTry } from '@dotting/words';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useMemo, useState } from 'react';
import { useFormContext, useWatch } from 'react-hook-form';
import { sayEvent } from '../amending/sayEvent.js';
import { Choice } from '../common/Choice.js';
import { Part } from '../common/Part.js';
import { slim } from '../common/theme.js';
import { useSchools } from '../common/schools.js';
import { ReplayTray } from '../replay/ReplayTray.js';
import { usePlayback } from '../replay/usePlayback.js';
import { words } from '../wording/all.js';

const reaches = ['3', '6', '10', '20'] as const;
const manners = ['careful', 'racing'] as const;

/** A made-up child who counts so far, and so. */
const childOf = (reach: number, manner: (typeof manners)[number]) => ({
  ...usualChild,
  orderTo: reach + 2,
  orderSlope: 0.5,
  lapse: 0.01,
  seesTo: Math.min(4, reach),
  fetches: reach > 4 ? 5 : Math.min(4, reach - 1),
  slipPerThing: manner === 'racing' ? 0.22 : 0.02,
  racing: manner === 'racing' ? 3 : 1,
});

/** The task as it stands in the form, put to a made-up child: what would be recorded, and what would be said of it. */
export function TryIt({ room }: { readonly room: RoomHere }) {
  const { trigger, getValues, control } = useFormContext<OwnTaskBody>();
  const [ladder] = useWatch({ control, name: ['ladder'] });
  const schools = useSchools();
  const [reach, setReach] = useState<(typeof reaches)[number]>('6');
  const [manner, setManner] = useState<(typeof manners)[number]>('careful');
  const [chosen, setChosen] = useState<number>();
  const [trace, setTrace] = useState<Trace>();
  const [goes, setGoes] = useState(1);
  const n = chosen !== undefined && ladder.includes(chosen) ? chosen : ladder[0];

  const go = async (): Promise<void> => {
    // Only what could be saved can be tried.
    if (!(await trigger()) || n === undefined) return;
    const task = entryOf({ ...getValues(), id: '' as OwnTaskId });
    const own = asCounters(room.ownThings);
    const kinds = [...counters, ...asCounters(countable(room.ownThings))].map(({ id }) => id);
    const put = { task, n, things: task.only ?? kinds[0]!, around: { kinds, own, schools } };
    setGoes(goes + 1);
    setTrace(oneTry(childOf(Number(reach), manner), put, new Date().toISOString(), goes));
  };

  return (
    <Box
      component="section"
      aria-label={words.ownTasks.tryIt()}
      sx={{ borderTop: 1, borderColor: 'line', mt: 3, pt: 2, display: 'grid', gap: 1.5, maxWidth: 1080 }}
    >
      <Typography variant="h3" component="h2">
        {words.ownTasks.tryIt()}
      </Typography>
      <Typography color="textSecondary">{words.ownTasks.tryIntro()}</Typography>
      <Box sx={asked}>
        <Choice
          label={words.ownTasks.counts()}
          value={reach}
          options={reaches.map((one) => [one, one])}
          onChoose={setReach}
        />
        <Choice
          label={words.ownTasks.slips()}
          value={manner}
          options={manners.map((one) => [one, words.ownTasks.slipping[one]()])}
          onChoose={setManner}
        />
        <Choice
          label={words.ownTasks.put()}
          value={n === undefined ? null : String(n)}
          options={ladder.map((one) => [String(one), String(one)])}
          onChoose={(one) => setChosen(Number(one))}
        />
        <Button variant="contained" color="secondary" onClick={() => void go()}>
          {trace ? words.ownTasks.anotherGo() : words.ownTasks.go()}
        </Button>
      </Box>
      {trace && <Tried key={trace.id} trace={trace} />}
    </Box>
  );
}

const intoView = (box: HTMLElement | null): void => box?.scrollIntoView?.({ block: 'nearest' });

/** What the child did, step by step, and what would be said of it. */
function Tried({ trace }: { readonly trace: Trace }) {
  const steps = useMemo(() => replaySteps(trace), [trace]);
  const { done, isPlaying, play, pause } = usePlayback(steps, 2, false);
  return (
    // Below the fold it would not be seen that anything has happened.
    <Box ref={intoView} sx={{ display: 'grid', gap: 1.5, scrollMarginBottom: 16 }}>
      <Typography variant="h3">{describeSet(words, trace.set, trace.target)}</Typography>
      <Box sx={{ height: 330, display: 'flex' }}>
        <ReplayTray speed={2} set={trace.set} steps={steps.slice(0, done)} />
      </Box>
      <Button sx={{ justifySelf: 'start', minWidth: 120 }} onClick={isPlaying ? pause : play}>
        {isPlaying ? words.replay.pause() : words.replay.play()}
      </Button>
      <Part label={words.ownTasks.happened()}>
        {steps.length === 0
          ? words.ownTasks.nothingHappened()
          : steps
              .map(({ event, slips }) =>
                [sayEvent(event, trace.set), ...slips.map((slip) => `(${tellStepSlip(words, slip)})`)].join(
                  ' ',
                ),
              )
              .join(' · ')}
      </Part>
      <Part label={words.ownTasks.wouldSay()}>{tellTry(words, trace)}</Part>
    </Box>
  );
}

/** Beside one another as far as there is room; each as wide as its words. */
const asked = {
  display: 'flex',
  gap: 2,
  flexWrap: 'wrap',
  alignItems: 'end',
  '& .MuiToggleButton-root': {
    minWidth: 52,
    px: 1.5,
    whiteSpace: 'nowrap',
    [slim]: { whiteSpace: 'normal' },
  },
} as const;
