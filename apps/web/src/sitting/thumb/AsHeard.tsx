import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { words } from '../../wording/all.js';

/** A word that is not on the pad, typed as it was heard. */
export function AsHeard({ onSay }: { readonly onSay: (said: number | string) => void }) {
  const [heard, setHeard] = useState('');
  const word = heard.trim();
  const say = (): void => {
    if (word !== '') onSay(/^\d{1,3}$/.test(word) ? Number(word) : word);
  };
  return (
    <Box
      component="form"
      onSubmit={(event) => (event.preventDefault(), say())}
      sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.75 }}
    >
      <TextField
        label={words.thumb.asHeard()}
        size="small"
        // A label longer than the room beside the button has the row to itself.
        sx={{ flex: '1 1 11rem' }}
        value={heard}
        onChange={(event) => setHeard(event.target.value.slice(0, 40))}
        slotProps={{
          htmlInput: { autoComplete: 'off', 'aria-label': words.thumb.otherWord() },
        }}
      />
      <Button type="submit" disabled={word === ''} sx={{ minWidth: 0, px: 1.5 }}>
        {words.events.Said()}
      </Button>
    </Box>
  );
}
