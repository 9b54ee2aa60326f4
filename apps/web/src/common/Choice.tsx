import Box from '@mui/material/Box';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Typography from '@mui/material/Typography';
import { useId } from 'react';
import { slim } from './theme.js';

interface ChoiceProps<Value extends string> {
  readonly label: string;
  readonly value: Value | null;
  readonly options: readonly (readonly [Value, string])[];
  readonly onChoose: (value: Value) => void;
  /** So many to a line; all in one where nothing is said. */
  readonly columns?: 1 | 2 | 3;
  readonly disabled?: boolean;
}

/** More are cut into slivers on a telephone. */
const mostToALine = 4;

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
  const inColumns = columns && {
    display: 'grid',
    gridTemplateColumns: `repeat(${columns}, minmax(0, 1fr))`,
    [slim]: { gridTemplateColumns: 'repeat(auto-fit, minmax(min(8.5rem, 100%), 1fr))' },
  };
  const inOneLine = options.length > mostToALine && {
    [slim]: { display: 'grid', gridTemplateColumns: 'repeat(auto-fit, minmax(min(6.25rem, 100%), 1fr))' },
  };
  return (
    <Box>
      <Typography id={id} variant="body2" color="textSecondary">
        {label}
      </Typography>
      <ToggleButtonGroup
        exclusive
        fullWidth
        aria-labelledby={id}
        disabled={disabled}
        value={value}
        // Pressed again it is chosen once more: whether that takes it back is not for here.
        onChange={(_, chosen: Value | null) => onChoose(chosen ?? value!)}
        sx={{ ...(inColumns ?? inOneLine) }}
      >
        {options.map(([option, words]) => (
          <ToggleButton key={option} value={option}>
            {words}
          </ToggleButton>
        ))}
      </ToggleButtonGroup>
    </Box>
  );
}
