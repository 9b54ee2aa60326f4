import { usualSchools } from '@dotting/core';
import type { AdultSecrets, OfficeView } from '@dotting/contract';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { useOutletContext } from 'react-router';
import { v4 as uuid } from 'uuid';
import { AdultLine } from './AdultLine.js';
import { NewAdultForm } from './NewAdultForm.js';
import { RemoveDemo } from './RemoveDemo.js';
import { RoomLine } from './RoomLine.js';
import { words } from '../wording/all.js';

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
      <Box component="section" aria-label={words.frame.rooms()}>
        <Typography variant="h2">{words.frame.rooms()}</Typography>
        <ul>
          {office.rooms.map((room) => (
            <RoomLine key={room.id} room={room} isNew={false} onDone={() => {}} />
          ))}
          {newRoom && (
            <RoomLine
              key={newRoom}
              room={{ id: newRoom, name: '', retentionMonths: 36, schools: usualSchools }}
              isNew
              onDone={() => setNewRoom(null)}
            />
          )}
        </ul>
        {!newRoom && <Button onClick={() => setNewRoom(uuid())}>{words.office.addRoom()}</Button>}
        <Typography variant="body2" color="textSecondary" sx={{ mt: 1, maxWidth: 720 }}>
          {words.office.retention()}
        </Typography>
      </Box>
      <Box component="section" aria-label={words.office.staff()}>
        <Typography variant="h2">{words.office.staff()}</Typography>
        {secrets && <Secrets secrets={secrets} office={office} onDone={() => setSecrets(null)} />}
        <ul>
          {working.map((adult) => (
            <AdultLine key={adult.id} adult={adult} office={office} onSecrets={show} />
          ))}
        </ul>
        {isAdding ? (
          <NewAdultForm office={office} onAdded={show} onClose={() => setAdding(false)} />
        ) : (
          <Button onClick={() => setAdding(true)}>{words.office.addAdult()}</Button>
        )}
        {gone.length > 0 && (
          <>
            <Typography variant="h3" sx={{ mt: 3 }}>
              {words.office.noLongerHere()}
            </Typography>
            <ul>
              {gone.map((adult) => (
                <AdultLine key={adult.id} adult={adult} office={office} onSecrets={show} />
              ))}
            </ul>
          </>
        )}
      </Box>
      <RemoveDemo />
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
      sx={{ bgcolor: 'brassPale', borderRadius: '14px', p: 2, my: 1.5, display: 'grid', gap: 1 }}
    >
      <Typography>
        {words.office.secretsFor({ name: adult?.firstName ?? words.office.theNewAdult() })}{' '}
        <b>{secrets.code}</b>
        {words.office.secretsPassword()} <b>{secrets.password}</b>
      </Typography>
      <Typography variant="body2">{words.office.secretsHint()}</Typography>
      <Box>
        <Button onClick={onDone}>{words.office.passedOn()}</Button>
      </Box>
    </Box>
  );
}
