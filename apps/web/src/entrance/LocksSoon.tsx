import Box from '@mui/material/Box';
import { words } from '../wording/words.js';

/** Says that the screen is about to lock. Any touch or key stays it. */
export function LocksSoon() {
  return (
    <Box
      role="alert"
      sx={{
        position: 'fixed',
        zIndex: 1300,
        insetInline: 0,
        bottom: 24,
        mx: 'auto',
        width: 'fit-content',
        maxWidth: 'calc(100% - 32px)',
        px: 3,
        py: 2,
        borderRadius: '14px',
        bgcolor: 'ink',
        color: 'gate',
        fontWeight: 700,
      }}
    >
      {words.frame.locksSoon()}
    </Box>
  );
}
