import { useTabTitle } from '../common/useTabTitle.js';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { Link } from 'react-router';
import type { SittingStore } from './sittingStore.js';
import { useHere } from '../common/here.js';
import { words } from '../wording/all.js';

/** A sitting that waits: all is kept, and the pause is not the child's time. */
export function Paused({ store }: { readonly store: SittingStore }) {
  const { child } = store.read();
  useTabTitle(words.sitting.resting({ name: child.firstName }));
  const { adult, leave } = useHere();
  const handOver = async (): Promise<void> => {
    store.dispatch({ kind: 'hand-over', by: adult.firstName });
    if (await store.isKept()) leave();
  };
  return (
    <Box
      component="main"
      sx={{ flex: 1, display: 'grid', placeContent: 'center', gap: 2, bgcolor: 'gate', p: 3 }}
    >
      <Typography variant="h1">{words.sitting.resting({ name: child.firstName })}</Typography>
      <Typography color="textSecondary" sx={{ maxWidth: 460 }}>
        {words.sitting.restingHint({ name: child.firstName })} {words.sitting.handOverHint()}
      </Typography>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1.5 }}>
        <Button
          variant="contained"
          color="primary"
          autoFocus
          sx={{ minHeight: 72, minWidth: 180 }}
          onClick={() => store.dispatch({ kind: 'resume' })}
        >
          {words.sitting.goOn()}
        </Button>
        <Button onClick={() => void handOver()} sx={{ minHeight: 72 }}>
          {words.sitting.handOver()}
        </Button>
        <Button component={Link} to="/" sx={{ minHeight: 72 }}>
          {words.sitting.leaveForToday()}
        </Button>
      </Box>
    </Box>
  );
}
