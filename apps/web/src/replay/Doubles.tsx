import type { ToldDouble, ToldTry } from '@dotting/contract';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useMutation } from '@tanstack/react-query';
import { Link } from 'react-router';
import { request } from '../api/http.js';
import { queryClient, tryQuery } from '../api/queries.js';
import { sayMoment } from '../common/days.js';
import { words } from '../wording/all.js';

interface DoublesProps {
  readonly tried: ToldTry;
  readonly mayRight: boolean;
}

/** What adults said of this try and another that overlaps with it; it can be taken back. */
export function Doubles({ tried, mayRight }: DoublesProps) {
  const takeBack = useMutation({
    mutationFn: () => request('DELETE', `tries/${tried.id}/double`),
    onSuccess: () => {
      void queryClient.invalidateQueries({ queryKey: tryQuery(tried.id).queryKey });
      void queryClient.invalidateQueries({ queryKey: ['today'] });
    },
  });
  if (tried.doubles.length === 0) return null;
  return (
    <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, alignItems: 'center' }}>
      {tried.doubles.map((double) => (
        <Typography key={double.other} variant="body2" color="textSecondary">
          {said(tried, double)} {double.reason !== '' && words.common.because(double)}{' '}
          <Link to={`/tries/${double.other}`} style={{ color: 'inherit' }}>
            {words.doubles.other()}
          </Link>
        </Typography>
      ))}
      {mayRight && (
        <Button disabled={takeBack.isPending} onClick={() => takeBack.mutate()}>
          {words.doubles.takeBack()}
        </Button>
      )}
      {takeBack.error && <Alert>{takeBack.error.message}</Alert>}
    </Box>
  );
}

function said({ id }: ToldTry, { counts, by, at }: ToldDouble): string {
  const who = { by, moment: at === null ? '' : sayMoment(at) };
  if (counts === null) return words.doubles.saidTwo(who);
  return counts === id ? words.doubles.thisCounts(who) : words.doubles.otherCounts(who);
}
