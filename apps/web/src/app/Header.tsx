import Box from '@mui/material/Box';
import { NavLink } from 'react-router';
import { useHere } from '../common/here.js';
import { headingFont, palette } from '../common/theme.js';
import { Unsent } from '../outbox/Unsent.js';
import { words } from '../wording/words.js';
import { AdultMenu } from './AdultMenu.js';

/** The pages along the top, what is not sent yet, and the adult. */
export function Header() {
  const { adult } = useHere();
  return (
    <Box
      component="header"
      sx={{
        displayPrint: 'none',
        display: 'flex',
        alignItems: 'center',
        flexWrap: 'wrap',
        columnGap: { xs: 2, lg: 4 },
        px: { xs: 2, lg: 3 },
        minHeight: 60,
        borderBottom: `1px solid ${palette.line}`,
      }}
    >
      <Box sx={{ fontFamily: headingFont, fontWeight: 700, fontSize: '1.35rem' }}>Dotting</Box>
      <Box
        component="nav"
        aria-label={words.frame.parts()}
        sx={{
          display: 'flex',
          flexWrap: 'wrap',
          columnGap: { xs: 2, lg: 3 },
          flex: '1 1 320px',
          '& a': navLink,
        }}
      >
        <NavLink to="/" end>
          {words.frame.today()}
        </NavLink>
        <NavLink to="/room">{words.frame.room()}</NavLink>
        <NavLink to="/seen">{words.frame.passing()}</NavLink>
        <NavLink to="/moves">{words.frame.ideas()}</NavLink>
        <NavLink to="/languages">{words.frame.languages()}</NavLink>
        {adult.role === 'lead' && <NavLink to="/office">{words.frame.office()}</NavLink>}
      </Box>
      <Unsent />
      <AdultMenu />
    </Box>
  );
}

const navLink = {
  color: palette.inkSoft,
  textDecoration: 'none',
  minHeight: 48,
  whiteSpace: 'nowrap',
  display: 'inline-flex',
  alignItems: 'center',
  borderBottom: '3px solid transparent',
  '&.active': { color: palette.ink, fontWeight: 700, borderBottomColor: palette.brick },
} as const;
