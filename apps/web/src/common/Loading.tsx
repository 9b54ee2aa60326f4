import Box from '@mui/material/Box';
import Skeleton from '@mui/material/Skeleton';
import { words } from '../wording/words.js';

/** Stands where a page will be, while its data is on the way. Nothing in it moves. */
export function Loading() {
  return (
    <Box role="status" aria-busy="true" aria-label={words.common.loading()} sx={{ maxWidth: 980 }}>
      <Skeleton animation={false} width={260} height={56} />
      {[0, 1, 2, 3].map((line) => (
        <Skeleton key={line} animation={false} height={72} />
      ))}
    </Box>
  );
}
