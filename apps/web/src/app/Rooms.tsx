import type { RoomHere } from '@dotting/contract';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useHere } from '../common/here.js';
import { headingFont } from '../common/theme.js';
import { words } from '../wording/words.js';

interface RoomsProps {
  /** The one whose children are shown. */
  readonly room: RoomHere | undefined;
  readonly onChoose: (room: RoomHere) => void;
}

/** The rooms whose children this adult sees. */
export function Rooms({ room, onChoose }: RoomsProps) {
  const { here } = useHere();
  return (
    <Box sx={{ p: 1.5, display: 'grid', gap: 0.5 }} role="group" aria-label={words.frame.rooms()}>
      {here.rooms.map((one) => (
        <Button
          key={one.id}
          onClick={() => onChoose(one)}
          aria-pressed={one.id === room?.id}
          sx={{
            justifyContent: 'flex-start',
            textAlign: 'start',
            border: 0,
            bgcolor: 'transparent',
            color: 'sand',
            px: 1.5,
            opacity: 0.75,
            '&[aria-pressed=true]': {
              fontFamily: headingFont,
              fontSize: '1.1rem',
              opacity: 1,
              color: 'gate',
            },
          }}
        >
          {one.name}
        </Button>
      ))}
    </Box>
  );
}
