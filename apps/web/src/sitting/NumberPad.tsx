import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { target } from '../app/theme.js';

interface NumberPadProps {
  readonly title: string;
  /** Called with a number, or with a word as it was heard. */
  readonly onSay: (said: number | string) => void;
  readonly onLeave: () => void;
  readonly leaveWords?: string;
}

const shown = Array.from({ length: 21 }, (_, n) => n);

/** A number or a word that was said. All look alike: none is the right one. */
export function NumberPad({ title, onSay, onLeave, leaveWords = 'Leave it' }: NumberPadProps) {
  const [heard, setHeard] = useState('');
  const word = heard.trim();
  const say = (): void => {
    if (word !== '') onSay(/^\d{1,3}$/.test(word) ? Number(word) : word);
  };
  return (
    <Box sx={{ display: 'grid', gap: 1, alignContent: 'start' }}>
      <Typography variant="body2" color="textSecondary">
        {title}
      </Typography>
      <Box
        role="group"
        aria-label={title}
        sx={{ display: 'grid', gridTemplateColumns: 'repeat(4, 1fr)', gap: 0.75 }}
      >
        {shown.map((n) => (
          <Button
            key={n}
            onClick={() => onSay(n)}
            sx={{ minWidth: 0, px: 0, minHeight: target.sitting, fontSize: '1.1rem' }}
          >
            {n}
          </Button>
        ))}
      </Box>
      <Box
        component="form"
        onSubmit={(event) => (event.preventDefault(), say())}
        sx={{ display: 'flex', gap: 0.75 }}
      >
        <TextField
          label="as heard"
          size="small"
          value={heard}
          onChange={(event) => setHeard(event.target.value.slice(0, 40))}
          slotProps={{
            htmlInput: { autoComplete: 'off', 'aria-label': 'Another number, or the word as it was heard' },
          }}
        />
        <Button type="submit" disabled={word === ''} sx={{ minWidth: 0, px: 1.5 }}>
          Said
        </Button>
      </Box>
      <Button onClick={onLeave}>{leaveWords}</Button>
    </Box>
  );
}
