import type { TodayView } from '@dotting/contract';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { words } from '../wording/words.js';
import { useNotHere } from './useNotHere.js';

/** Who is not here today; one press brings a child back. */
export function Away({ today }: { readonly today: TodayView }) {
  const away = today.register.filter(({ id }) => today.notHere.includes(id));
  return (
    <Box
      aria-live="polite"
      sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'center', gap: 1, pt: 1, displayPrint: 'none' }}
    >
      {away.length > 0 && <Typography color="textSecondary">{words.today.away()}</Typography>}
      {away.map((child) => (
        <BackAgain key={child.id} child={child} />
      ))}
    </Box>
  );
}

function BackAgain({ child: { id, firstName } }: { readonly child: TodayView['register'][number] }) {
  const { mutate, isPending, error } = useNotHere(id);
  return (
    <>
      <Button disabled={isPending} onClick={() => mutate('here')}>
        {words.today.hereAfterAll({ name: firstName })}
      </Button>
      {error && <Typography role="alert">{error.message}</Typography>}
    </>
  );
}
