import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useId } from 'react';
import { palette, slim, tight } from './theme.js';

interface ChoiceProps<Value extends string> {
  readonly label: string;
  readonly value: Value | null;
  readonly options: readonly (readonly [Value, string])[];
  readonly onChoose: (value: Value) => void;
  /** So many to a line; all in one where nothing is said. */
  readonly columns?: 1 | 2 | 3;
  readonly disabled?: boolean;
}

/** One of a few, in one tap: the chosen one is filled. */
export function Choice<Value extends string>({
  label,
  value,
  options,
  onChoose,
  columns,
  disabled = false,
}: ChoiceProps<Value>) {
  const id = useId();
  return (
    <Box role="radiogroup" aria-labelledby={id}>
      <Typography id={id} variant="body2" color="textSecondary">
        {label}
      </Typography>
      <Box
        sx={{
          display: columns ? 'grid' : 'flex',
          flexWrap: 'wrap',
          gridTemplateColumns: `repeat(${columns ?? 1}, minmax(0, 1fr))`,
          gap: 0.5,
          [slim]: { display: 'flex' },
        }}
      >
        {options.map(([option, words]) => (
          <Button
            key={option}
            role="radio"
            aria-checked={option === value}
            disabled={disabled}
            onClick={() => onChoose(option)}
            sx={{
              flex: 1,
              // A word is never cut: what has no room goes to the next line.
              minWidth: columns ? 0 : 'min-content',
              px: 0.5,
              fontSize: '0.92rem',
              [tight]: { fontSize: '0.84rem' },
              [slim]: { minWidth: 'min-content' },
              fontWeight: 500,
              justifyContent: 'center',
              '&[aria-checked=true]': { bgcolor: palette.ink, color: palette.gate, borderColor: palette.ink },
            }}
          >
            {words}
          </Button>
        ))}
      </Box>
    </Box>
  );
}
