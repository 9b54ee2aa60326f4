import Box from '@mui/material/Box';
import { words } from '../wording/all.js';
import { useHere } from './here.js';

/** Marks a screen without the frame where it is of the demo nursery. */
export function DemoMark() {
  const { here } = useHere();
  if (!here.isDemo) return null;
  return (
    <Box
      component="span"
      title={words.demo.here()}
      sx={{
        bgcolor: 'brassPale',
        color: 'ink',
        borderRadius: '8px',
        px: 0.75,
        ml: 1,
        fontSize: '0.875rem',
        fontWeight: 700,
      }}
    >
      {words.demo.tag()}
    </Box>
  );
}
