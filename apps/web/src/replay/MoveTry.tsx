import type { Room, ToldTry } from '@dotting/contract';
import type { ChildId } from '@dotting/core';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useMutation, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useOutletContext } from 'react-router';
import { request } from '../api/http.js';
import { childQuery, queryClient, todayQuery } from '../api/queries.js';
import { Listed } from '../common/Listed.js';
import { Reasons } from '../common/Reasons.js';
import { words } from '../wording/all.js';
import { keepTold } from './keepTold.js';

const reasons = () => [words.replay.wrongFace(), words.replay.wrongSitting(), words.replay.changedPlaces()];

/** Gives a try that was recorded for the wrong child to the right one of the room, with a reason. */
export function MoveTry({ tried, onDone }: { readonly tried: ToldTry; readonly onDone: () => void }) {
  const room = useOutletContext<Room | undefined>();
  const { data } = useQuery({ ...todayQuery(room?.id ?? ''), enabled: room !== undefined });
  const [childId, setChildId] = useState<ChildId | null>(null);
  const move = useMutation({
    mutationFn: (reason: string) => request<ToldTry>('PUT', `tries/${tried.id}/child`, { childId, reason }),
    onSuccess: (told) => {
      keepTold(told);
      void queryClient.invalidateQueries({ queryKey: childQuery(tried.childId).queryKey });
      onDone();
    },
  });
  const others = (data?.register ?? []).filter(({ id, mayRecord }) => mayRecord && id !== tried.childId);
  return (
    <Box
      component="section"
      aria-label={words.replay.wrongChild()}
      sx={{ display: 'grid', gap: 1, maxWidth: 640 }}
    >
      <Listed<ChildId>
        label={words.replay.moveTo()}
        value={childId}
        options={others.map(({ id, firstName, lastName }) => [id, `${firstName} ${lastName}`])}
        onChoose={setChildId}
      />
      {childId !== null && (
        <Reasons
          title={words.common.why()}
          usual={reasons()}
          isBusy={move.isPending}
          onReason={move.mutate}
        />
      )}
      {move.error && <Alert>{move.error.message}</Alert>}
      <Box>
        <Button onClick={onDone}>{words.common.cancel()}</Button>
      </Box>
    </Box>
  );
}
