import type { LeftOutView } from '@dotting/contract';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { Link } from 'react-router';
import { words } from '../wording/words.js';

/** What could not be taken in of the children shown. Shows nothing when all was. */
export function LeftOut({ leftOut: { unread, behind } }: { readonly leftOut: LeftOutView }) {
  if (unread.length === 0 && behind.length === 0) return null;
  return (
    <Box role="status" aria-label={words.common.leftOut()} sx={{ mb: 2, display: 'grid', gap: 0.5 }}>
      {unread.map(({ childId, firstName, tries }) => (
        <Typography key={childId} variant="body2">
          <Link to={`/children/${childId}`} style={{ color: 'inherit', fontWeight: 700 }}>
            {firstName}
          </Link>
          : {words.common.unread({ n: tries })}
        </Typography>
      ))}
      {behind.map((name) => (
        <Typography key={name} variant="body2">
          {words.common.notWorkedOut({ name })}
        </Typography>
      ))}
    </Box>
  );
}
