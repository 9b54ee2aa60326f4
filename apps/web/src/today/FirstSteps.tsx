import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { Link } from 'react-router';
import { points } from '../common/theme.js';
import { words } from '../wording/all.js';

/** What a lead does first in a nursery without children. */
export function FirstSteps() {
  return (
    <Box component="section" aria-label={words.begin.next()} sx={{ '& a': { color: 'inherit' } }}>
      <Typography variant="h2">{words.begin.next()}</Typography>
      <Box component="ol" sx={points}>
        <li>
          <Link to="/office/file">{words.begin.nextChildren()}</Link>,{' '}
          <Link to="/office">{words.begin.nextChild()}</Link>
        </li>
        <li>
          <Link to="/office/people">{words.begin.nextAdults()}</Link>
        </li>
        <li>
          <Link to="/settings/devices">{words.begin.nextDevices()}</Link>
        </li>
      </Box>
    </Box>
  );
}
