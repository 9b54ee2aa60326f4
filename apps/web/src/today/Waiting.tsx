import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { formatISO } from 'date-fns/formatISO';
import TextField from '@mui/material/TextField';
import { sayMoment, todayHere } from '../common/days.js';
import type { KeptTry } from '../outbox/database.js';
import { outbox, useWaiting } from '../outbox/outbox.js';
import { words } from '../wording/words.js';

/** What this device still has to send, and what the server refused. Shows nothing when all is sent. */
export function Waiting() {
  const { tries, events, noConnection, refused } = useWaiting();
  if (tries === 0) return null;
  return (
    <Box
      component="section"
      aria-label={words.sending.title()}
      sx={{
        mb: 2,
        border: 1,
        borderColor: 'line',
        borderRadius: '14px',
        px: 2,
        py: 1.25,
        bgcolor: 'gate',
        displayPrint: 'none',
      }}
    >
      <Typography variant="body2">
        {words.sending.waiting({ n: tries, steps: events })}{' '}
        {noConnection && words.sending.waitsForConnection()}
      </Typography>
      {refused.map((kept) => (
        <RefusedTry key={kept.id} kept={kept} />
      ))}
    </Box>
  );
}

/** A try that the server refused: offered again, or let go, which is asked for twice. */
function RefusedTry({ kept }: { readonly kept: KeptTry }) {
  const [isLettingGo, setLettingGo] = useState(false);
  return (
    <Box sx={{ display: 'flex', gap: 1, alignItems: 'center', flexWrap: 'wrap', pt: 1 }}>
      <Typography variant="body2" sx={{ flex: 1 }}>
        {words.sending.refusedOne({ moment: sayMoment(kept.head.startedAt), why: kept.refused ?? '' })}
      </Typography>
      {kept.refusedField === 'startedAt' ? (
        <OtherDay kept={kept} />
      ) : (
        <Button onClick={() => void outbox.offerAgain(kept.id)}>{words.sending.again()}</Button>
      )}
      {isLettingGo ? (
        <Button variant="contained" color="primary" onClick={() => void outbox.letGo(kept.id)}>
          {words.sending.forgetForGood()}
        </Button>
      ) : (
        <Button onClick={() => setLettingGo(true)}>{words.sending.forget()}</Button>
      )}
    </Box>
  );
}

/** The device's clock was wrong: the adult says on which day the try was. */
function OtherDay({ kept }: { readonly kept: KeptTry }) {
  const [day, setDay] = useState(todayHere());
  const noon = new Date(`${day}T12:00:00`);
  return (
    <>
      <TextField
        label={words.sending.itWasOn()}
        type="date"
        size="small"
        value={day}
        onChange={(event) => setDay(event.target.value)}
        slotProps={{ inputLabel: { shrink: true } }}
        sx={{ width: 170 }}
      />
      <Button
        disabled={Number.isNaN(noon.getTime())}
        onClick={() => void outbox.offerWithDate(kept.id, formatISO(noon))}
      >
        {words.sending.sendWithDay()}
      </Button>
    </>
  );
}
