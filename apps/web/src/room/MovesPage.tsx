import { PageTitle } from '../common/PageTitle.js';
import type { Room, RoomMove } from '@dotting/contract';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useMutation, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useOutletContext } from 'react-router';
import { request } from '../api/http.js';
import { movesQuery, queryClient } from '../api/queries.js';
import { Loading } from '../common/Loading.js';
import { Notice } from '../common/Notice.js';
import { capitalised } from '../common/text.js';
import { useHere } from '../common/here.js';
import { words } from '../wording/all.js';
import { useUnsaved } from '../common/unsaved.js';

/** What this room does about each slip: the shipped moves, and its own where it has changed them. */
export function MovesPage() {
  const room = useOutletContext<Room | undefined>();
  const { adult } = useHere();
  const { data, error, refetch } = useQuery({ ...movesQuery(room?.id ?? ''), enabled: room !== undefined });
  if (!data || !room)
    return error ? <Notice onRetry={() => void refetch()}>{error.message}</Notice> : <Loading />;
  return (
    <Box sx={{ maxWidth: 980 }}>
      <PageTitle>{words.settings.ideas()}</PageTitle>
      <Typography color="textSecondary" sx={{ mb: 1 }}>
        {words.room.ideasIntro({ room: room.name })}
      </Typography>
      {data.map((move) => (
        <Move
          key={`${move.slip} ${move.move}`}
          roomId={room.id}
          move={move}
          mayChange={adult.role !== 'assistant'}
        />
      ))}
    </Box>
  );
}

interface MoveProps {
  readonly roomId: string;
  readonly move: RoomMove;
  readonly mayChange: boolean;
}

function Move({ roomId, move: { slip, saw, move, shipped }, mayChange }: MoveProps) {
  const [idea, setIdea] = useState(move);
  useUnsaved(idea !== move);
  const change = useMutation({
    mutationFn: (to: string) => request('PUT', `rooms/${roomId}/moves`, { slip, saw, move: to }),
    onSuccess: () => queryClient.invalidateQueries({ queryKey: movesQuery(roomId).queryKey }),
  });
  return (
    <Box role="group" aria-label={saw} sx={{ borderTop: 1, borderColor: 'sand', py: 1 }}>
      <Typography sx={{ fontWeight: 650 }}>{capitalised(saw)}</Typography>
      {mayChange ? (
        <Box sx={{ display: 'flex', gap: 1, alignItems: 'start', mt: 0.75 }}>
          <TextField
            multiline
            label={words.room.ideaTry()}
            value={idea}
            onChange={(event) => setIdea(event.target.value.slice(0, 300))}
            error={change.isError}
            helperText={
              change.error?.message ??
              (move === shipped ? undefined : words.room.ideaShipped({ idea: shipped }))
            }
          />
          <Button
            disabled={idea.trim() === '' || idea === move || change.isPending}
            onClick={() => change.mutate(idea)}
          >
            {words.common.save()}
          </Button>
          {move !== shipped && (
            <Button onClick={() => change.mutate(shipped)} sx={{ whiteSpace: 'nowrap' }}>
              {words.room.useOurs()}
            </Button>
          )}
        </Box>
      ) : (
        <Typography variant="body2">{move}</Typography>
      )}
    </Box>
  );
}
