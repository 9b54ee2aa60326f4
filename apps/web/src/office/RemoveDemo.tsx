import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useMutation, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { request } from '../api/http.js';
import { beginQuery, queryClient } from '../api/queries.js';
import { useHere } from '../common/here.js';
import { words } from '../wording/all.js';

/** The demo nursery beside one’s own: to be taken away, when asked once more. */
export function RemoveDemo() {
  const { here } = useHere();
  const { data } = useQuery(beginQuery);
  const [isAsked, setAsked] = useState(false);
  const remove = useMutation({
    mutationFn: () => request('DELETE', 'demo'),
    onSuccess: () => queryClient.invalidateQueries({ queryKey: beginQuery.queryKey }),
  });
  if (remove.isSuccess) return <Typography role="status">{words.begin.demoRemoved()}</Typography>;
  if (here.isDemo || !data?.hasDemo) return null;
  return (
    <Box component="section" aria-label={words.begin.demo()} sx={{ maxWidth: 720 }}>
      <Typography variant="h2">{words.begin.demo()}</Typography>
      <Typography color="textSecondary" sx={{ mb: 1 }}>
        {isAsked ? words.begin.removeDemoAsk() : words.begin.demoStillHere()}
      </Typography>
      {remove.error && <Alert>{remove.error.message}</Alert>}
      {isAsked ? (
        <Box sx={{ display: 'flex', gap: 1 }}>
          <Button color="error" disabled={remove.isPending} onClick={() => remove.mutate()}>
            {words.begin.removeDemo()}
          </Button>
          <Button onClick={() => setAsked(false)}>{words.common.cancel()}</Button>
        </Box>
      ) : (
        <Button onClick={() => setAsked(true)}>{words.begin.removeDemo()}</Button>
      )}
    </Box>
  );
}
