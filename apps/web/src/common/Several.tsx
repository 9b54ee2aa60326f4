import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { Controller, type Control, type FieldValues, type Path } from 'react-hook-form';

interface SeveralProps<Values extends FieldValues> {
  readonly control: Control<Values>;
  readonly name: Path<Values>;
  readonly label: string;
  readonly options: readonly (readonly [value: string, words: string])[];
  readonly error: string | undefined;
}

/** Any number of some, in the order in which they were chosen. */
export function Several<Values extends FieldValues>(props: SeveralProps<Values>) {
  const { control, name, label, options, error } = props;
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
