import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';

interface ListedProps<Value extends string> {
  readonly label: string;
  readonly value: Value | null;
  readonly options: readonly (readonly [Value, string])[];
  readonly onChoose: (value: Value) => void;
}

/** One of many: more than can lie side by side without pushing the rest off a small tablet. */
export function Listed<Value extends string>({ label, value, options, onChoose }: ListedProps<Value>) {
  return (
    <TextField
      select
      fullWidth
      size="small"
      label={label}
      value={value ?? ''}
      onChange={(event) => onChoose(event.target.value as Value)}
    >
      {options.map(([option, told]) => (
        <MenuItem key={option} value={option}>
          {told}
        </MenuItem>
      ))}
    </TextField>
  );
}
