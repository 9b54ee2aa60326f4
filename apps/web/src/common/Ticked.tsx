import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import { Controller, type Control, type FieldValues, type Path } from 'react-hook-form';

interface TickedProps<Values extends FieldValues> {
  readonly control: Control<Values>;
  readonly name: Path<Values>;
  readonly label: string;
}

/** Yes where it is ticked. */
export function Ticked<Values extends FieldValues>({ control, name, label }: TickedProps<Values>) {
  return (
    <Controller
      name={name}
      control={control}
      render={({ field: { value, ref, ...field } }) => (
        <FormControlLabel
          control={<Checkbox {...field} checked={value === true} slotProps={{ input: { ref } }} />}
          label={label}
        />
      )}
    />
  );
}
