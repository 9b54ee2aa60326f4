import type { ToldTry } from '@dotting/contract';
import { replaySteps } from '@dotting/core';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useQuery } from '@tanstack/react-query';
import { useMemo, useState } from 'react';
import { Link, useParams } from 'react-router';
import { tryQuery } from '../api/queries.js';
import { Loading } from '../common/Loading.js';
import { Notice } from '../common/Notice.js';
import { Choice } from '../common/Choice.js';
import { useHere } from '../common/here.js';
import { AboutTry } from './AboutTry.js';
import { AmendStep } from './AmendStep.js';
import { Photo } from './Photo.js';
import { MoveTry } from './MoveTry.js';
import { Overrule } from './Overrule.js';
import { ReplayTray } from './ReplayTray.js';
import { SaveInk } from './SaveInk.js';
import { slipsOf, StepList } from './StepList.js';
import { usePlayback } from './usePlayback.js';
import { words } from '../wording/all.js';

/** One try again, as it happened, with the slips where they happened. */
export function ReplayPage() {
  const { tryId } = useParams();
  const { data, error, refetch } = useQuery(tryQuery(tryId!));
  if (data) return <Replay key={data.id} tried={data} />;
  return error ? <Notice onRetry={() => void refetch()}>{error.message}</Notice> : <Loading />;
}

const speeds = ['0.5', '1', '2', '4'] as const;
type Speed = (typeof speeds)[number];

function Replay({ tried }: { readonly tried: ToldTry }) {
  const steps = useMemo(() => replaySteps(tried), [tried]);
  const [speed, setSpeed] = useState<Speed>('1');
  const { done, isPlaying, play, pause, goTo } = usePlayback(steps, Number(speed), tried.whole === true);
  const now = steps[done - 1];
  const [righting, setRighting] = useState<'event' | 'reading' | 'child'>();
  const { adult } = useHere();
  const mayRight = adult.role !== 'assistant' && tried.ended !== null;
  return (
    <Box sx={{ display: 'grid', gap: 1.5, maxWidth: 900 }}>
      <AboutTry tried={tried} mayRight={mayRight} />
      <Box sx={{ height: 'min(42vh, 360px)', display: 'flex' }}>
        <ReplayTray set={tried.set} steps={steps.slice(0, done)} speed={Number(speed)} />
      </Box>
      <Photo tried={tried} mayErase={mayRight} />
      <Typography role="status" sx={{ minHeight: 24 }}>
        {now && now.slips.length > 0 ? words.replay.here({ slips: slipsOf(now) }) : ''}
      </Typography>
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', alignItems: 'end' }}>
        <Button variant="contained" color="primary" sx={{ minWidth: 120 }} onClick={isPlaying ? pause : play}>
          {isPlaying ? words.replay.pause() : words.replay.play()}
        </Button>
        <Button onClick={() => goTo(done - 1)} disabled={done === 0}>
          {words.replay.back()}
        </Button>
        <Button onClick={() => goTo(done + 1)} disabled={done === steps.length}>
          {words.replay.next()}
        </Button>
        <Box sx={{ width: 'min(20rem, 100%)' }}>
          <Choice
            label={words.replay.speed()}
            value={speed}
            options={speeds.map((one) => [one, words.replay.speeds[one]()])}
            onChoose={setSpeed}
          />
        </Box>
        {mayRight && (
          <>
            <Button disabled={!now} onClick={() => setRighting('event')}>
              {words.replay.correctStep()}
            </Button>
            <Button onClick={() => setRighting('reading')}>{words.replay.changeResult()}</Button>
            <Button onClick={() => setRighting('child')}>{words.replay.wrongChild()}</Button>
          </>
        )}
        {tried.set.layout?.writing && <SaveInk tried={tried} />}
        <Button component={Link} to={`/children/${tried.childId}`} sx={{ marginInlineStart: 'auto' }}>
          {words.replay.toChild()}
        </Button>
      </Box>
      {righting === 'event' && now && (
        <AmendStep
          key={now.event.seq}
          tryId={tried.id}
          event={now.event}
          set={tried.set}
          onDone={() => setRighting(undefined)}
        />
      )}
      {righting === 'child' && <MoveTry tried={tried} onDone={() => setRighting(undefined)} />}
      {righting === 'reading' && <Overrule tried={tried} onDone={() => setRighting(undefined)} />}
      <StepList steps={steps} done={done} set={tried.set} onGo={goTo} />
    </Box>
  );
}
