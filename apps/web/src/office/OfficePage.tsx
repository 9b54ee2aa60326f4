import { PageTitle } from '../common/PageTitle.js';
import Box from '@mui/material/Box';
import { useQuery } from '@tanstack/react-query';
import { NavLink, Outlet } from 'react-router';
import { Loading } from '../common/Loading.js';
import { Notice } from '../common/Notice.js';
import { partLink } from '../common/theme.js';
import { officeQuery } from '../api/queries.js';
import { words } from '../wording/all.js';

/** What a lead looks after. */
export function OfficePage() {
  const { data, error, refetch } = useQuery(officeQuery);
  if (!data) return error ? <Notice onRetry={() => void refetch()}>{error.message}</Notice> : <Loading />;
  return (
    <Box sx={{ maxWidth: 1020 }}>
      <Box sx={{ display: 'flex', gap: 4, alignItems: 'baseline', flexWrap: 'wrap', mb: 2 }}>
        <PageTitle>{words.frame.office()}</PageTitle>
        <Box
          component="nav"
          aria-label={words.frame.office()}
          sx={{ display: 'flex', flexWrap: 'wrap', columnGap: 3, '& a': partLink }}
        >
          <NavLink to="/office" end>
            {words.frame.children()}
          </NavLink>
          <NavLink to="/office/file">{words.office.importList()}</NavLink>
          <NavLink to="/office/people">{words.office.roomsAndStaff()}</NavLink>
          <NavLink to="/office/left">{words.erasing.left()}</NavLink>
          <NavLink to="/office/trail">{words.trail.title()}</NavLink>
        </Box>
      </Box>
      <Outlet context={data} />
    </Box>
  );
}
