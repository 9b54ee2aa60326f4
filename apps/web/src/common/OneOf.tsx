import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { Controller, type Control, type FieldValues, type Path } from 'react-hook-form';

interface OneOfProps<Values extends FieldValues> {
  readonly control: Control<Values>;
  readonly name: Path<Values>;
  readonly label: string;
  readonly options: readonly (readonly [value: string | boolean | null, words: string])[];
  readonly error?: string | undefined;
}

/** One of a few that have words, null among them. */
export function OneOf<Values extends FieldValues>({
  control,
  name,
  label,
  options,
  error,
}: OneOfProps<Values>) {
  return (
    <Controller
      name={name}
      control={control}
      render={({ field }) => (
        <TextField
          select
          label={label}
          value={options.findIndex(([value]) => value === field.value)}
          onChange={(event) => field.onChange(options[Number(event.target.value)]![0])}
          error={error !== undefined}
          helperText={error}
        >
          {options.map(([, words], i) => (
            <MenuItem key={words} value={i}>
              {words}
            </MenuItem>
          ))}
        </TextField>
      )}
    />
  );
}
