import TextField from '@mui/material/TextField';
import type { FieldValues, Path, UseFormRegister } from 'react-hook-form';

interface DayFieldProps<Values extends FieldValues> {
  readonly register: UseFormRegister<Values>;
  readonly name: Path<Values>;
  readonly label: string;
  readonly error?: string | undefined;
  readonly help?: string;
}

/** A day of the calendar; null where it is left empty. */
export function DayField<Values extends FieldValues>(props: DayFieldProps<Values>) {
  const { register, name, label, error, help } = props;
  return (
    <TextField
      label={label}
      type="date"
      slotProps={{ inputLabel: { shrink: true } }}
      error={error !== undefined}
      helperText={error ?? help}
      {...register(name, { setValueAs: (value: string | null) => value || null })}
    />
  );
}
