import type { AdultSecrets, OfficeView } from '@dotting/contract';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { useOutletContext } from 'react-router';
import { v4 as uuid } from 'uuid';
import { palette } from '../app/theme.js';
import { AdultLine } from './AdultLine.js';
import { NewAdultForm } from './NewAdultForm.js';
import { RoomLine } from './RoomLine.js';

/** Rooms with how long they keep a child who left, and the adults with what they see. */
export function People() {
  const office = useOutletContext<OfficeView>();
  const [newRoom, setNewRoom] = useState<string | null>(null);
  const [isAdding, setAdding] = useState(false);
  const [secrets, setSecrets] = useState<AdultSecrets | null>(null);
  const show = (told: AdultSecrets): void => {
    setAdding(false);
    setSecrets(told);
  };
  const working = office.adults.filter((adult) => adult.leftOn === null || adult.leftOn > office.day);
  const gone = office.adults.filter((adult) => !working.includes(adult));
  return (
    <Box sx={{ display: 'grid', gap: 4 }}>
      <Box component="section" aria-label="Rooms">
        <Typography variant="h2">Rooms</Typography>
        <Box component="ul" sx={{ p: 0, m: 0 }}>
          {office.rooms.map((room) => (
            <RoomLine key={room.id} room={room} isNew={false} onDone={() => {}} />
          ))}
          {newRoom && (
            <RoomLine
              key={newRoom}
              room={{ id: newRoom, name: '', retentionMonths: 36 }}
              isNew
              onDone={() => setNewRoom(null)}
            />
          )}
        </Box>
        {!newRoom && <Button onClick={() => setNewRoom(uuid())}>Add a room</Button>}
        <Typography variant="body2" color="textSecondary" sx={{ mt: 1, maxWidth: 720 }}>
          How long records must and may be kept is for your setting’s rules and the law where you are. When
          the time is up, all about a child who left is erased by itself.
        </Typography>
      </Box>
      <Box component="section" aria-label="Adults">
        <Typography variant="h2">Adults</Typography>
        {secrets && <Secrets secrets={secrets} office={office} onDone={() => setSecrets(null)} />}
        <Box component="ul" sx={{ p: 0, m: 0 }}>
          {working.map((adult) => (
            <AdultLine key={adult.id} adult={adult} office={office} onSecrets={show} />
          ))}
        </Box>
        {isAdding ? (
          <NewAdultForm office={office} onAdded={show} onClose={() => setAdding(false)} />
        ) : (
          <Button onClick={() => setAdding(true)}>Add an adult</Button>
        )}
        {gone.length > 0 && (
          <>
            <Typography variant="h3" sx={{ mt: 3 }}>
              No longer here
            </Typography>
            <Box component="ul" sx={{ p: 0, m: 0 }}>
              {gone.map((adult) => (
                <AdultLine key={adult.id} adult={adult} office={office} onSecrets={show} />
              ))}
            </Box>
          </>
        )}
      </Box>
    </Box>
  );
}

interface SecretsProps {
  readonly secrets: AdultSecrets;
  readonly office: OfficeView;
  readonly onDone: () => void;
}

/** A password and a code, told this once. */
function Secrets({ secrets, office, onDone }: SecretsProps) {
  const adult = office.adults.find((one) => one.id === secrets.id);
  return (
    <Box
      role="status"
      sx={{ bgcolor: palette.brassPale, borderRadius: '14px', p: 2, my: 1.5, display: 'grid', gap: 1 }}
    >
      <Typography>
        For {adult?.firstName ?? 'the new adult'}: code <b>{secrets.code}</b>, password{' '}
        <b>{secrets.password}</b>
      </Typography>
      <Typography variant="body2">
        Hand them over now: they are shown this once and kept nowhere. The code is for coming in every day,
        the password for signing in a device.
      </Typography>
      <Box>
        <Button onClick={onDone}>They are handed over</Button>
      </Box>
    </Box>
  );
}
