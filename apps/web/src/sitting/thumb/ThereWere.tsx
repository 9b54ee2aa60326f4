import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { NumberPad } from './NumberPad.js';
import { words } from '../../wording/all.js';

interface ThereWereProps {
  /** How many there were; 0 until it is said. */
  readonly size: number;
  readonly onKnown: (n: number) => void;
}

const mostInHand = 30;

/** How many a handful was, said once it has been counted. */
export function ThereWere({ size, onKnown }: ThereWereProps) {
  if (size === 0)
    return <NumberPad title={words.thumb.thereWere()} largest={mostInHand} onNumber={onKnown} />;
  return (
    <Box sx={{ display: 'flex', gap: 1, alignItems: 'center', flexWrap: 'wrap' }}>
      <Typography>{words.thumb.thereWereSo({ n: size })}</Typography>
      <Button onClick={() => onKnown(0)}>{words.thumb.otherwise()}</Button>
    </Box>
  );
}
