import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useQuery } from '@tanstack/react-query';
import { NavLink, Outlet, useParams } from 'react-router';
import { todayQuery } from '../api/queries.js';
import { useHere } from '../common/here.js';
import { AdultMenu } from './AdultMenu.js';
import { Register } from './Register.js';
import { headingFont, palette } from '../common/theme.js';
import { useRoom } from '../common/useRoom.js';
import { Unsent } from '../outbox/Unsent.js';
import { words } from '../wording/words.js';

/** The frame of every page but a sitting: the children down the left, the parts of the work along the top. */
export function Frame() {
  const { here, adult } = useHere();
  const [room, chooseRoom] = useRoom(here.rooms);
  const { childId } = useParams();
  const today = useQuery({ ...todayQuery(room?.id ?? ''), enabled: room !== undefined });

  return (
    <Box
      sx={{
        display: 'grid',
        gridTemplateColumns: { xs: '172px minmax(0, 1fr)', lg: '212px minmax(0, 1fr)' },
        gridTemplateRows: 'auto minmax(0, 1fr)',
        '@media print': { display: 'block', height: 'auto', zoom: 0.74 },
        height: '100%',
        minHeight: 0,
      }}
    >
      <Box
        component="aside"
        sx={{
          displayPrint: 'none',
          gridRow: '1 / 3',
          bgcolor: palette.ink,
          color: palette.gate,
          '--focus': palette.sand,
          display: 'flex',
          flexDirection: 'column',
          minHeight: 0,
        }}
      >
        <Box sx={{ p: 1.5, display: 'grid', gap: 0.5 }} role="group" aria-label={words.frame.rooms()}>
          {here.rooms.map((one) => (
            <Button
              key={one.id}
              onClick={() => chooseRoom(one)}
              aria-pressed={one.id === room?.id}
              sx={{
                justifyContent: 'flex-start',
                textAlign: 'start',
                border: 0,
                bgcolor: 'transparent',
                color: palette.sand,
                px: 1.5,
                opacity: 0.75,
                '&[aria-pressed=true]': {
                  fontFamily: headingFont,
                  fontSize: '1.1rem',
                  opacity: 1,
                  color: palette.gate,
                },
              }}
            >
              {one.name}
            </Button>
          ))}
        </Box>
        <Register today={today.data} open={childId} />
      </Box>
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
      <Box
        component="main"
        sx={{
          '@media print': { bgcolor: 'transparent', overflow: 'visible' },
          overflow: 'auto',
          bgcolor: palette.paper,
          px: { xs: 2, lg: 3 },
          py: 2.5,
        }}
      >
        <Outlet context={room} />
      </Box>
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
