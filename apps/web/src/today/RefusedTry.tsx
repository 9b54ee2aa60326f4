import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { sayMoment } from '../common/days.js';
import type { KeptTry } from '../outbox/database.js';
import { outbox } from '../outbox/outbox.js';
import { words } from '../wording/all.js';

/** A try that the server refused: offered again, or let go, which is asked for twice. */
export function RefusedTry({ kept }: { readonly kept: KeptTry }) {
  const [isLettingGo, setLettingGo] = useState(false);
  return (
    <Box sx={{ display: 'flex', gap: 1, alignItems: 'center', flexWrap: 'wrap', pt: 1 }}>
      <Typography variant="body2" sx={{ flex: 1 }}>
        {words.sending.refusedOne({ moment: sayMoment(kept.head.startedAt), why: kept.refused ?? '' })}
      </Typography>
      <Button onClick={() => void outbox.offerAgain(kept.id)}>{words.sending.again()}</Button>
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
