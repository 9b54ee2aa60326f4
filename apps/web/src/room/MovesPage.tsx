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
import { Notice } from '../app/Notice.js';
import { capitalised } from '../app/text.js';
import { palette } from '../app/theme.js';
import { useHere } from '../entrance/here.js';

/** What this room does about each slip: the shipped moves, and its own where it has changed them. */
export function MovesPage() {
  const room = useOutletContext<Room | undefined>();
  const { adult } = useHere();
  const { data, error, refetch } = useQuery({ ...movesQuery(room?.id ?? ''), enabled: room !== undefined });
  if (error) return <Notice onRetry={() => void refetch()}>{error.message}</Notice>;
  if (!data || !room) return null;
  return (
    <Box sx={{ maxWidth: 980 }}>
      <Typography variant="h1">From a slip to a move</Typography>
      <Typography color="textSecondary" sx={{ mb: 1 }}>
        What {room.name} tries when it sees a slip. Next steps say it in these words.
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
  const [words, setWords] = useState(move);
  const change = useMutation({
    mutationFn: (to: string) => request('PUT', `rooms/${roomId}/moves`, { slip, saw, move: to }),
    onSuccess: () => queryClient.invalidateQueries({ queryKey: movesQuery(roomId).queryKey }),
  });
  return (
    <Box role="group" aria-label={saw} sx={{ borderTop: `1px solid ${palette.sand}`, py: 1 }}>
      <Typography sx={{ fontWeight: 650 }}>{capitalised(saw)}</Typography>
      {mayChange ? (
        <Box sx={{ display: 'flex', gap: 1, alignItems: 'start', mt: 0.75 }}>
          <TextField
            multiline
            label="Try"
            value={words}
            onChange={(event) => setWords(event.target.value.slice(0, 300))}
            error={change.isError}
            helperText={change.error?.message ?? (move === shipped ? undefined : `As shipped: ${shipped}`)}
          />
          <Button
            disabled={words.trim() === '' || words === move || change.isPending}
            onClick={() => change.mutate(words)}
          >
            Keep
          </Button>
          {move !== shipped && (
            <Button onClick={() => change.mutate(shipped)} sx={{ whiteSpace: 'nowrap' }}>
              As shipped
            </Button>
          )}
        </Box>
      ) : (
        <Typography variant="body2">{move}</Typography>
      )}
    </Box>
  );
}
