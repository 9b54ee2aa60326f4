import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { target } from '../../common/theme.js';
import { useTypedNumber } from './useTypedNumber.js';
import { words } from '../../wording/words.js';

/** Of words that can be heard otherwise, or of numbers alone. */
type NumberPadProps =
  | {
      readonly title: string;
      /** Called with a number, or with a word as it was heard. */
      readonly onSay: (said: number | string) => void;
      readonly onLeave: () => void;
      readonly leaveWords?: string;
    }
  | {
      readonly title: string;
      /** The largest number on the pad. */
      readonly largest: number;
      readonly onNumber: (n: number) => void;
    };

const usualLargest = 20;

/** A number or a word that was said, by tap or typed. All look alike: none is the right one. */
export function NumberPad(props: NumberPadProps) {
  const { title } = props;
  const onNumber = 'onNumber' in props ? props.onNumber : props.onSay;
  const largest = 'onNumber' in props ? props.largest : usualLargest;
  const typed = useTypedNumber(onNumber);
  return (
    <Box sx={{ display: 'grid', gap: 1, alignContent: 'start' }}>
      <Typography variant="body2" color="textSecondary">
        {title}
        {typed !== '' && words.thumb.typed({ n: typed })}
      </Typography>
      <Box
        role="group"
        aria-label={title}
        sx={{
          display: 'grid',
          gridTemplateColumns: `repeat(${largest > usualLargest ? 5 : 4}, 1fr)`,
          gap: 0.75,
        }}
      >
        {Array.from({ length: largest + 1 }, (_, n) => n).map((n) => (
          <Button
            key={n}
            onClick={() => onNumber(n)}
            sx={{ minWidth: 0, px: 0, minHeight: target.sitting, fontSize: '1.1rem' }}
          >
            {n}
          </Button>
        ))}
      </Box>
      {'onSay' in props && (
        <>
          <AsHeard onSay={props.onSay} />
          <Button onClick={props.onLeave}>{props.leaveWords ?? words.common.cancel()}</Button>
        </>
      )}
    </Box>
  );
}

function AsHeard({ onSay }: { readonly onSay: (said: number | string) => void }) {
  const [heard, setHeard] = useState('');
  const word = heard.trim();
  const say = (): void => {
    if (word !== '') onSay(/^\d{1,3}$/.test(word) ? Number(word) : word);
  };
  return (
    <Box
      component="form"
      onSubmit={(event) => (event.preventDefault(), say())}
      sx={{ display: 'flex', gap: 0.75 }}
    >
      <TextField
        label={words.thumb.asHeard()}
        size="small"
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
