import type { GroupTimeView } from '@dotting/contract';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useMutation, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { request } from '../api/http.js';
import { groupTimesQuery, queryClient } from '../api/queries.js';
import { sayDay } from '../common/days.js';
import { Reasons } from '../common/Reasons.js';
import { words } from '../wording/all.js';

/** What the group did lately; an adult can take back her own, and put it back. */
export function GroupTimes({ roomId }: { readonly roomId: string }) {
  const { data } = useQuery(groupTimesQuery(roomId));
  if (!data || data.times.length === 0) return null;
  return (
    <Box component="section" aria-label={words.group.lately()}>
      <Typography variant="h2">{words.group.lately()}</Typography>
      {data.times.map((time) => (
        <GroupTime key={time.id} roomId={roomId} time={time} />
      ))}
    </Box>
  );
}

const reasons = () => [words.group.wrongDay(), words.group.wrongChildren(), words.group.notDone()];

function GroupTime({ roomId, time }: { readonly roomId: string; readonly time: GroupTimeView }) {
  const { id, kind, title, day, recorder, children, togetherTo, note, isOwn, takenBack } = time;
  const [isAsking, setAsking] = useState(false);
  const address = `rooms/${roomId}/group-times/${id}/taken-back`;
  const change = useMutation({
    mutationFn: (reason: string | null) =>
      reason === null ? request('DELETE', address) : request('POST', address, { reason }),
    onSuccess: () => {
      setAsking(false);
      return queryClient.invalidateQueries({ queryKey: groupTimesQuery(roomId).queryKey });
    },
  });
  return (
    <Box sx={{ display: 'flex', gap: 1, alignItems: 'center', flexWrap: 'wrap' }}>
      <Typography sx={{ flex: '1 1 20rem' }} color={takenBack ? 'textSecondary' : undefined}>
        {words.group.line[kind]({ day: sayDay(day), task: title, n: children, name: recorder })}
        {togetherTo !== null && ` ${words.group.reached({ n: togetherTo })}`}
        {note !== '' && ` ${note}`}
        {takenBack && ` ${words.group.takenBack()} ${words.common.because(takenBack)}`}
      </Typography>
      {isOwn && (
        <Button
          variant="text"
          disabled={change.isPending}
          aria-expanded={takenBack ? undefined : isAsking}
          onClick={() => (takenBack ? change.mutate(null) : setAsking(!isAsking))}
        >
          {takenBack ? words.group.putBack() : words.passing.takeBack()}
        </Button>
      )}
      {isAsking && !takenBack && (
        <Reasons
          title={words.group.whyBack()}
          usual={reasons()}
          isBusy={change.isPending}
          onReason={change.mutate}
        />
      )}
      {change.error && <Alert>{change.error.message}</Alert>}
    </Box>
  );
}
