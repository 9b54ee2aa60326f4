import type { LeftOutView } from '@dotting/contract';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { Link } from 'react-router';

/** What could not be taken in of the children shown. Shows nothing when all was. */
export function LeftOut({ leftOut: { unread, behind } }: { readonly leftOut: LeftOutView }) {
  if (unread.length === 0 && behind.length === 0) return null;
  return (
    <Box role="status" aria-label="Left out" sx={{ mb: 2, display: 'grid', gap: 0.5 }}>
      {unread.map(({ childId, firstName, tries }) => (
        <Typography key={childId} variant="body2">
          {tries === 1 ? 'One try' : `${tries} tries`} of{' '}
          <Link to={`/children/${childId}`} style={{ color: 'inherit', fontWeight: 700 }}>
            {firstName}
          </Link>{' '}
          can’t be read. {tries === 1 ? 'It stays' : 'They stay'} on record and{' '}
          {tries === 1 ? 'counts' : 'count'} for nothing.
        </Typography>
      ))}
      {behind.map((name) => (
        <Typography key={name} variant="body2">
          {name}’s tries are safe, but what they show could not be worked out. What you see of {name} may be
          old.
        </Typography>
      ))}
    </Box>
  );
}
