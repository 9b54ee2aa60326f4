import type { LanguageChange } from '@dotting/contract';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { queryOptions, useMutation, useQuery } from '@tanstack/react-query';
import { request } from '../api/http.js';
import { queryClient } from '../api/queries.js';
import { sayMoment } from '../common/days.js';
import { hereQuery } from '../entrance/hereQuery.js';
import { words } from '../wording/all.js';

const changesQuery = queryOptions({
  queryKey: ['language-changes'],
  queryFn: () => request<LanguageChange[]>('GET', 'languages/changes'),
});

/** Asks for the languages again, in use and to be put back. */
export async function languagesChanged(): Promise<void> {
  await Promise.all([
    queryClient.invalidateQueries({ queryKey: hereQuery.queryKey }),
    queryClient.invalidateQueries({ queryKey: changesQuery.queryKey }),
  ]);
}

/** Languages that were removed, or whose words were changed: each can be put back. */
export function Changes() {
  const { data = [] } = useQuery(changesQuery);
  const putBack = useMutation({
    mutationFn: (tag: string) => request('POST', `languages/${tag}/back`),
    onSuccess: languagesChanged,
  });
  if (data.length === 0) return null;
  return (
    <Box component="section" aria-label={words.languages.changes()}>
      {data.map(({ tag, name, isRemoved, by, at, reason }) => {
        const who = { name, by, moment: sayMoment(at) };
        return (
          <Box key={tag} sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, alignItems: 'center' }}>
            <Typography variant="body2">
              {isRemoved ? words.languages.removed(who) : words.languages.changed(who)}{' '}
              {reason !== '' && words.common.because({ reason })}
            </Typography>
            <Button disabled={putBack.isPending} onClick={() => putBack.mutate(tag)}>
              {words.languages.putBack()}
            </Button>
          </Box>
        );
      })}
      {putBack.error && <Alert>{putBack.error.message}</Alert>}
    </Box>
  );
}
