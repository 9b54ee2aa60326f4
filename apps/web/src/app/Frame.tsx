import Box from '@mui/material/Box';
import { useQuery } from '@tanstack/react-query';
import { Outlet, useParams } from 'react-router';
import { todayQuery } from '../api/queries.js';
import { useHere } from '../common/here.js';
import { Header } from './Header.js';
import { Rooms } from './Rooms.js';
import { Register } from './Register.js';
import { palette } from '../common/theme.js';
import { useRoom } from '../common/useRoom.js';

/** The frame of every page but a sitting: the children down the left, the parts of the work along the top. */
export function Frame() {
  const { here } = useHere();
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
        <Rooms room={room} onChoose={chooseRoom} />
        <Register today={today.data} open={childId} />
      </Box>
      <Header />
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
