import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { useQuery } from '@tanstack/react-query';
import { NavLink, Outlet } from 'react-router';
import { Notice } from '../app/Notice.js';
import { palette } from '../app/theme.js';
import { officeQuery } from './office.js';

/** What a lead looks after. */
export function OfficePage() {
  const { data, error, refetch } = useQuery(officeQuery);
  if (error) return <Notice onRetry={() => void refetch()}>{error.message}</Notice>;
  if (!data) return null;
  return (
    <Box sx={{ maxWidth: 1020 }}>
      <Box sx={{ display: 'flex', gap: 4, alignItems: 'baseline', flexWrap: 'wrap', mb: 2 }}>
        <Typography variant="h1">Office</Typography>
        <Box component="nav" aria-label="Office" sx={{ display: 'flex', gap: 3, '& a': link }}>
          <NavLink to="/office" end>
            Children
          </NavLink>
          <NavLink to="/office/file">From a file</NavLink>
          <NavLink to="/office/people">Rooms and adults</NavLink>
          <NavLink to="/office/left">Left and erased</NavLink>
        </Box>
      </Box>
      <Outlet context={data} />
    </Box>
  );
}

const link = {
  color: palette.inkSoft,
  minHeight: 48,
  display: 'inline-flex',
  alignItems: 'center',
  textDecoration: 'none',
  '&[aria-current=page]': { color: palette.ink, fontWeight: 700, boxShadow: `inset 0 -3px ${palette.brick}` },
} as const;
