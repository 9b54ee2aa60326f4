import Box from '@mui/material/Box';
import { Link } from 'react-router';
import { words } from '../wording/words.js';

/** Marks the demo nursery, and leads out of it. */
export function DemoTag() {
  return (
    <Box
      component={Link}
      to="/set-up"
      title={`${words.demo.here()} ${words.demo.setUp()}`}
      sx={{
        color: 'ink',
        bgcolor: 'brassPale',
        borderRadius: '10px',
        px: 1.25,
        minHeight: 44,
        display: 'inline-flex',
        alignItems: 'center',
        fontWeight: 700,
        textDecoration: 'none',
      }}
    >
      {words.demo.tag()}
    </Box>
  );
}
