import { PageTitle } from '../common/PageTitle.js';
import type { Room, TodayView, UnfinishedTry } from '@dotting/contract';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useOutletContext } from 'react-router';
import { todayQuery } from '../api/queries.js';
import { sayDay, sayMoment } from '../common/days.js';
import { useHere } from '../common/here.js';
import { LeftOut } from '../common/LeftOut.js';
import { Loading } from '../common/Loading.js';
import { Notice } from '../common/Notice.js';
import { Away } from './Away.js';
import { ChangedWays } from './ChangedWays.js';
import { DueLine } from './DueLine.js';
import { later } from '../common/later.js';
import { OnThisDevice } from './OnThisDevice.js';
import { SeveralAtTable } from './SeveralAtTable.js';
import { ToSetOut } from './ToSetOut.js';
import { Waiting } from './Waiting.js';
import { WrongClock } from './WrongClock.js';
import { words } from '../wording/words.js';

// Hardly ever there are any.
const FirstSteps = later(async () => (await import('./FirstSteps.js')).FirstSteps);
const Doubles = later(async () => (await import('./Doubles.js')).Doubles);
const PutAside = later(async () => (await import('./PutAside.js')).PutAside);

/** Who has not been looked at longest, and for what; what was left unfinished; what waits to be sent. */
export function TodayPage() {
  const room = useOutletContext<Room | undefined>();
  const { adult } = useHere();
  const { data, error, refetch } = useQuery({ ...todayQuery(room?.id ?? ''), enabled: room !== undefined });
  const [isTogether, setTogether] = useState(false);
  if (!room) return <Notice>{words.today.noRoom()}</Notice>;
  if (!data) {
    if (!error) return <Loading />;
    return <Notice onRetry={() => void refetch()}>{words.today.offline({ problem: error.message })}</Notice>;
  }
  return (
    <Box sx={{ maxWidth: 980 }}>
      <PageTitle>{sayDay(data.day)}</PageTitle>
      <Typography color="textSecondary" sx={{ mb: 2 }}>
        {words.today.title({ room: room.name })}
      </Typography>
      <WrongClock />
      <Waiting />
      {adult.role === 'lead' && <PutAside today={data} />}
      {room.schools.week === 'one' && (
        <Typography sx={{ mb: 1 }}>
          {words.today.thisWeek({ n: room.schools.number })} {words.today.roundHint()}
        </Typography>
      )}
      <ChangedWays changes={data.schoolChanges} />
      <LeftOut leftOut={data.leftOut} />
      {data.doubles.length > 0 && <Doubles today={data} />}
      <OnThisDevice register={data.register} />
      {data.unfinished.length > 0 && <Unfinished tries={data.unfinished} today={data} />}
      <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'center', columnGap: 2, mb: 1.5 }}>
        <ToSetOut due={data.due} />
        {!isTogether && data.register.length > 0 && (
          <Button sx={{ displayPrint: 'none' }} onClick={() => setTogether(true)}>
            {words.today.group()}
          </Button>
        )}
      </Box>
      {isTogether && <SeveralAtTable today={data} />}
      {data.due.length === 0 ? (
        <Nobody register={data.register} />
      ) : (
        <ol>
          {data.due.map((due) => {
            const child = data.register.find(({ id }) => id === due.childId);
            return child && <DueLine key={child.id} due={due} child={child} day={data.day} />;
          })}
        </ol>
      )}
      <Away today={data} />
    </Box>
  );
}

/** A lead of a nursery that begins is told how. */
function Nobody({ register }: Pick<TodayView, 'register'>) {
  const { adult } = useHere();
  if (register.length > 0) return <Notice>{words.today.nobodyDue()}</Notice>;
  return adult.role === 'lead' ? <FirstSteps /> : <Notice>{words.today.noChildren()}</Notice>;
}

function nameOf(today: TodayView, childId: string): string {
  return today.register.find((child) => child.id === childId)?.firstName ?? '';
}

function Unfinished({
  tries,
  today,
}: {
  readonly tries: readonly UnfinishedTry[];
  readonly today: TodayView;
}) {
  return (
    <Box
      component="section"
      aria-label={words.today.unfinished()}
      sx={{
        mb: 2,
        bgcolor: 'gate',
        border: 1,
        borderColor: 'line',
        borderRadius: '14px',
        px: 2,
        py: 1.25,
      }}
    >
      {tries.map((one) => (
        <Typography key={one.id} variant="body2" sx={{ py: 0.5 }}>
          {words.today.unfinishedLine()}{' '}
          <Link to={`/sit/${one.childId}`} style={{ color: 'inherit', fontWeight: 700 }}>
            {nameOf(today, one.childId)}
          </Link>
          , {one.title}, {one.recorder}, {sayMoment(one.startedAt)}
        </Typography>
      ))}
    </Box>
  );
}
