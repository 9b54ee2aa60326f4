import type { RevisedView } from '@dotting/contract';
import type { ChildId } from '@dotting/core';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useMutation } from '@tanstack/react-query';
import { request } from '../api/http.js';
import { childQuery, queryClient } from '../api/queries.js';
import { sayLongDay } from '../common/days.js';
import { capitalised } from '../common/text.js';
import { points } from '../common/theme.js';
import { words } from '../wording/all.js';

interface RevisedProps {
  readonly childId: ChildId;
  readonly firstName: string;
  readonly revised: RevisedView;
  /** An assistant reads it too, and leaves it for the others. */
  readonly mayClose: boolean;
}

/** What is said otherwise since tries are read in a new way; once somebody has read it, it is gone. */
export function Revised({ childId, firstName, revised: { day, why, skills }, mayClose }: RevisedProps) {
  const read = useMutation({
    mutationFn: () => request('POST', `children/${childId}/revised/read`),
    onSuccess: () => queryClient.invalidateQueries({ queryKey: childQuery(childId).queryKey }),
  });
  return (
    <Box
      component="section"
      aria-label={words.child.revised()}
      sx={{ border: 1, borderColor: 'sand', borderRadius: 1, p: 1.5, mb: 2, displayPrint: 'none' }}
    >
      <Typography sx={{ fontWeight: 650 }}>
        {words.child.revisedSince({ day: sayLongDay(day), name: firstName })}
      </Typography>
      <Typography variant="body2">{why}</Typography>
      <Box component="ul" sx={points}>
        {skills.map(({ name, before, after }) => (
          <Typography component="li" variant="body2" key={name}>
            {words.child.revisedLine({ skill: capitalised(name), after, before })}
          </Typography>
        ))}
      </Box>
      {mayClose && (
        <Button disabled={read.isPending} onClick={() => read.mutate()}>
          {words.child.revisedRead()}
        </Button>
      )}
      {read.isError && <Alert>{read.error.message}</Alert>}
    </Box>
  );
}
