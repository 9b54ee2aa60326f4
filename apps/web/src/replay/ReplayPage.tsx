import { PageTitle } from '../common/PageTitle.js';
import type { ToldTry } from '@dotting/contract';
import { replaySteps, type ReplayStep } from '@dotting/core';
import { tellStepSlip, titleOf } from '@dotting/words';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useQuery } from '@tanstack/react-query';
import { useMemo, useState } from 'react';
import { Link, useParams } from 'react-router';
import { tryQuery } from '../api/queries.js';
import { sayMoment } from '../common/days.js';
import { Loading } from '../common/Loading.js';
import { Notice } from '../common/Notice.js';
import { Choice } from '../common/Choice.js';
import { useHere } from '../common/here.js';
import { Doubles } from './Doubles.js';
import { AmendStep } from './AmendStep.js';
import { Photo } from './Photo.js';
import { MoveTry } from './MoveTry.js';
import { Overrule } from './Overrule.js';
import { ReplayTray } from './ReplayTray.js';
import { sayEvent } from '../amending/sayEvent.js';
import { SaveInk } from './SaveInk.js';
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

/** The slips at a step, in words. */
const slipsOf = ({ slips }: ReplayStep): string => slips.map((slip) => tellStepSlip(words, slip)).join('; ');

function Replay({ tried }: { readonly tried: ToldTry }) {
  const steps = useMemo(() => replaySteps(tried), [tried]);
  const [speed, setSpeed] = useState<Speed>('1');
  const { done, isPlaying, play, pause, goTo } = usePlayback(steps, Number(speed), tried.whole === true);
  const now = steps[done - 1];
  const [righting, setRighting] = useState<'event' | 'reading' | 'child'>();
  const { adult } = useHere();
  const mayRight = adult.role !== 'assistant' && tried.ended !== null;
  const amended = tried.events.filter(
    (event) => event.kind === 'amend' || (event.kind === 'undo' && event.reason),
  );
  return (
    <Box sx={{ display: 'grid', gap: 1.5, maxWidth: 900 }}>
      <Box>
        <PageTitle>{titleOf(words, tried)}</PageTitle>
        <Typography color="textSecondary">
          {sayMoment(tried.startedAt)}, {tried.recorder}
        </Typography>
        <Typography sx={{ mt: 0.5 }}>{tried.told}</Typography>
        {tried.moved.map(({ from, by, at, reason }) => (
          <Typography key={at} variant="body2" color="textSecondary">
            {words.replay.moved({
              from: from || words.replay.anotherChild(),
              by,
              moment: sayMoment(at),
              reason,
            })}
          </Typography>
        ))}
        {tried.isLate && (
          <Typography variant="body2" color="textSecondary">
            {words.replay.late()}
          </Typography>
        )}
        <Doubles tried={tried} mayRight={mayRight} />
        {amended.length > 0 && (
          <Typography variant="body2" color="textSecondary">
            {words.replay.corrected({ n: amended.length })}
          </Typography>
        )}
      </Box>
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
      <Box
        role="group"
        aria-label={words.replay.whatHappened()}
        sx={{ display: 'flex', gap: 0.75, flexWrap: 'wrap' }}
      >
        {steps.map((step, i) => (
          <Button
            key={step.event.seq}
            onClick={() => goTo(i + 1)}
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
            {sayEvent(step.event, tried.set)}
          </Button>
        ))}
      </Box>
    </Box>
  );
}
