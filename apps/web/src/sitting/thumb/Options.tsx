import type { ChoosingWords } from '@dotting/words';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import type { ThumbColumnProps } from './props.js';
import { words } from '../../wording/words.js';

/** All look alike: none is the right one. */
export function Options({
  choosing,
  onAnswer,
}: { readonly choosing: ChoosingWords } & Pick<ThumbColumnProps, 'onAnswer'>) {
  return (
    <Box role="group" aria-label={choosing.question()} sx={{ display: 'grid', gap: 1 }}>
      <Typography variant="body2" color="textSecondary">
        “{choosing.question()}”
      </Typography>
      {Object.entries(choosing.options).map(([value, told], i) => (
        <Button key={value} onClick={() => onAnswer(value)} aria-keyshortcuts={String(i + 1)} size="large">
          {told()}
        </Button>
      ))}
      <Button onClick={() => onAnswer(null)}>{words.thumb.noAnswer()}</Button>
    </Box>
  );
}
