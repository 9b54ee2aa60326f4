import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useId } from 'react';
import { palette } from '../app/theme.js';

interface ChoiceProps<Value extends string> {
  readonly label: string;
  readonly value: Value | null;
  readonly options: readonly (readonly [Value, string])[];
  readonly onChoose: (value: Value) => void;
  readonly column?: boolean;
  /** Two to a line. */
  readonly pairs?: boolean;
  readonly disabled?: boolean;
}

/** One of a few, in one tap: the chosen one is filled. */
export function Choice<Value extends string>({
  label,
  value,
  options,
  onChoose,
  column = false,
  pairs = false,
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
          display: pairs ? 'grid' : 'flex',
          gridTemplateColumns: '1fr 1fr',
          flexDirection: column ? 'column' : 'row',
          gap: 0.5,
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
              flex: column ? undefined : 1,
              minWidth: 0,
              px: 0.5,
              fontSize: { xs: '0.84rem', lg: '0.92rem' },
              fontWeight: 500,
              justifyContent: column ? 'flex-start' : 'center',
              pl: column ? 2 : 0.5,
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
