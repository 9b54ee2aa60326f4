import Box from '@mui/material/Box';
import { NavLink, Outlet, useOutletContext } from 'react-router';
import { useHere } from '../common/here.js';
import { partLink } from '../common/theme.js';
import { words } from '../wording/all.js';

/** What is set for the adult, for the room and for the nursery’s languages; for a lead the devices too. */
export function SettingsPage() {
  const { adult } = useHere();
  return (
    <>
      <Box
        component="nav"
        aria-label={words.settings.title()}
        sx={{ display: 'flex', flexWrap: 'wrap', columnGap: 3, mb: 2, '& a': partLink }}
      >
        <NavLink to="/settings" end>
          {words.settings.own()}
        </NavLink>
        <NavLink to="/settings/ways">{words.settings.schools()}</NavLink>
        <NavLink to="/settings/things">{words.ownThings.title()}</NavLink>
        <NavLink to="/settings/ideas">{words.settings.ideas()}</NavLink>
        <NavLink to="/settings/languages">{words.settings.languages()}</NavLink>
        {adult.role === 'lead' && <NavLink to="/settings/devices">{words.settings.devices()}</NavLink>}
      </Box>
      <Outlet context={useOutletContext()} />
    </>
  );
}
