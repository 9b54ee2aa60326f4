import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { later } from '../../common/later.js';
import { target } from '../../common/theme.js';
import { useTypedNumber } from './useTypedNumber.js';
import { words } from '../../wording/all.js';

const AsHeard = later(async () => (await import('./AsHeard.js')).AsHeard);

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
