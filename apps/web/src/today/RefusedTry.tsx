import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { formatISO } from 'date-fns/formatISO';
import { useState } from 'react';
import { sayMoment, todayHere } from '../common/days.js';
import type { KeptTry } from '../outbox/database.js';
import { outbox } from '../outbox/outbox.js';
import { words } from '../wording/words.js';

/** A try that the server refused: offered again, or let go, which is asked for twice. */
export function RefusedTry({ kept }: { readonly kept: KeptTry }) {
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
