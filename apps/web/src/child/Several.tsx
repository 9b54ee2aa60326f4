import type { ChildChange } from '@dotting/contract';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { Controller, type Control } from 'react-hook-form';

interface SeveralProps {
  readonly control: Control<ChildChange>;
  readonly name: 'languages' | 'needs';
  readonly label: string;
  readonly options: readonly (readonly [value: string, words: string])[];
  readonly error: string | undefined;
}

/** Any number of some, in the order in which they were chosen. */
export function Several({ control, name, label, options, error }: SeveralProps) {
  return (
    <Controller
      name={name}
      control={control}
      render={({ field }) => (
        <TextField
          select
          label={label}
          value={field.value ?? []}
          onChange={field.onChange}
          error={error !== undefined}
          helperText={error}
          slotProps={{ select: { multiple: true } }}
        >
          {options.map(([value, words]) => (
            <MenuItem key={value} value={value}>
              {words}
            </MenuItem>
          ))}
        </TextField>
      )}
    />
  );
}
