import Box from '@mui/material/Box';
import { useQuery } from '@tanstack/react-query';
import { useRef, type MouseEvent } from 'react';
import { Outlet, useParams } from 'react-router';
import { todayQuery } from '../api/queries.js';
import { useHere } from '../common/here.js';
import { Header } from './Header.js';
import { Rooms } from './Rooms.js';
import { Register } from './Register.js';
import { palette } from '../common/theme.js';
import { useRoom } from '../common/useRoom.js';
import { words } from '../wording/words.js';

/** The frame of every page but a sitting: the children down the left, the parts of the work along the top. */
export function Frame() {
  const { here } = useHere();
  const [room, chooseRoom] = useRoom(here.rooms);
  const { childId } = useParams();
  const page = useRef<HTMLElement>(null);
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
        component="a"
        href="#page"
        onClick={(event: MouseEvent) => {
          // Not a page of its own: the address stays.
          event.preventDefault();
          page.current?.focus();
        }}
        sx={skipLink}
      >
        {words.frame.skip()}
      </Box>
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
        <Rooms room={room} onChoose={chooseRoom} />
        <Register today={today.data} open={childId} />
      </Box>
      <Header />
      <Box
        component="main"
        id="page"
        ref={page}
        tabIndex={-1}
        sx={{
          outline: 'none',
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

/** Out of sight until the keyboard comes to it. */
const skipLink = {
  position: 'absolute',
  zIndex: 1,
  insetInlineStart: 12,
  top: -80,
  p: 1.5,
  borderRadius: '12px',
  bgcolor: palette.paper,
  color: palette.ink,
  fontWeight: 700,
  '&:focus': { top: 12 },
} as const;
