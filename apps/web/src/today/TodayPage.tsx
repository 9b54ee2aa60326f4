import { PageTitle } from '../common/PageTitle.js';
import type { DueEntry, Room, TodayView, UnfinishedTry } from '@dotting/contract';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useOutletContext } from 'react-router';
import { todayQuery } from '../api/queries.js';
import { daysSince, sayAgo, sayDay, sayMoment, sayShortDay } from '../common/days.js';
import { LeftOut } from '../common/LeftOut.js';
import { Loading } from '../common/Loading.js';
import { Notice } from '../common/Notice.js';
import { capitalised } from '../common/text.js';
import { palette, slim } from '../common/theme.js';
import { Doubles } from './Doubles.js';
import { OnThisDevice } from './OnThisDevice.js';
import { SeveralAtTable } from './SeveralAtTable.js';
import { Waiting } from './Waiting.js';
import { words } from '../wording/words.js';

/** Who has not been looked at longest, and for what; what was left unfinished; what waits to be sent. */
export function TodayPage() {
  const room = useOutletContext<Room | undefined>();
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
      <Waiting />
      <LeftOut leftOut={data.leftOut} />
      <Doubles today={data} />
      <OnThisDevice />
      {data.unfinished.length > 0 && <Unfinished tries={data.unfinished} today={data} />}
      {isTogether ? (
        <SeveralAtTable today={data} />
      ) : (
        <Button sx={{ mb: 1.5, displayPrint: 'none' }} onClick={() => setTogether(true)}>
          {words.today.group()}
        </Button>
      )}
      {data.due.length === 0 ? (
        <Notice>{data.register.length === 0 ? words.today.noChildren() : words.today.nobodyDue()}</Notice>
      ) : (
        <Box component="ol" sx={{ listStyle: 'none', p: 0, m: 0 }}>
          {data.due.map((due) => (
            <DueLine key={due.childId} due={due} today={data} />
          ))}
        </Box>
      )}
    </Box>
  );
}

function nameOf(today: TodayView, childId: string): string {
  return today.register.find((child) => child.id === childId)?.firstName ?? '';
}

function DueLine({ due, today }: { readonly due: DueEntry; readonly today: TodayView }) {
  const name = nameOf(today, due.childId);
  const lastLook = today.register.find((child) => child.id === due.childId)?.lastLook ?? null;
  return (
    <Box
      component="li"
      sx={{
        display: 'grid',
        gridTemplateColumns: '10.75rem minmax(0, 1fr) auto',
        gap: 2,
        [slim]: { gridTemplateColumns: 'minmax(0, 1fr)', gap: 0.5 },
        alignItems: 'center',
        py: 1.1,
        borderTop: `1px solid ${palette.sand}`,
      }}
    >
      <Box>
        <Typography
          variant="h3"
          component={Link}
          to={`/children/${due.childId}`}
          sx={{ color: 'inherit', textDecoration: 'none' }}
        >
          {name}
        </Typography>
        <Typography variant="body2" color="textSecondary">
          {lastLook === null
            ? words.frame.notSeen()
            : words.today.lastSeen({ ago: sayAgo(daysSince(lastLook, today.day)) })}
        </Typography>
      </Box>
      <Box>
        <Typography>
          {capitalised(due.forWhat)},{' '}
          <span style={{ color: palette.inkSoft }}>
            {words.today.because[due.because]()}
            {due.last !== null && words.today.lastOn({ day: sayShortDay(due.last) })}
          </span>
        </Typography>
        <Typography variant="body2" color="textSecondary">
          {due.step.why}
        </Typography>
      </Box>
      <Button
        component={Link}
        to={`/sit/${due.childId}`}
        state={{ step: due.step }}
        aria-label={words.common.sitDownWith({ name })}
        sx={{ displayPrint: 'none' }}
      >
        {words.common.sitDown()}
      </Button>
    </Box>
  );
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
        bgcolor: palette.gate,
        border: `1px solid ${palette.line}`,
        borderRadius: '14px',
        px: 2,
        py: 1.25,
      }}
    >
      {tries.map((one) => (
        <Typography key={one.id} variant="body2" sx={{ py: 0.5 }}>
          {words.today.unfinishedLine()}
          <Link to={`/sit/${one.childId}`} style={{ color: 'inherit', fontWeight: 700 }}>
            {nameOf(today, one.childId)}
          </Link>
          , {one.title}, {one.recorder}, {sayMoment(one.startedAt)}
        </Typography>
      ))}
    </Box>
  );
}
