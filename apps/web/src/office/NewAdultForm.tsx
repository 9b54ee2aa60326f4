import { NewAdult, type AdultSecrets, type OfficeView } from '@dotting/contract';
import { classValidatorResolver } from '@hookform/resolvers/class-validator';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useForm } from 'react-hook-form';
import { OneOf } from '../app/OneOf.js';
import { sending } from '../app/sending.js';
import { Several } from '../app/Several.js';
import { formGrid } from './formGrid.js';
import { change } from './office.js';
import { roleChoices } from './roles.js';

interface NewAdultFormProps {
  readonly office: OfficeView;
  readonly onAdded: (secrets: AdultSecrets) => void;
  readonly onClose: () => void;
}

export function NewAdultForm({ office, onAdded, onClose }: NewAdultFormProps) {
  const { register, control, handleSubmit, setError, formState } = useForm<NewAdult>({
    resolver: classValidatorResolver(NewAdult),
    defaultValues: { firstName: '', lastName: '', email: '', role: 'practitioner', rooms: [] },
  });
  const { errors, isSubmitting } = formState;
  const add = handleSubmit((adult) =>
    sending(setError, async () => onAdded(await change<AdultSecrets>('POST', 'adults', adult))),
  );
  const text = (name: 'firstName' | 'lastName' | 'email', label: string) => (
    <TextField label={label} error={!!errors[name]} helperText={errors[name]?.message} {...register(name)} />
  );
  return (
    <Box
      component="form"
      noValidate
      aria-label="Add an adult"
      onSubmit={(event) => void add(event)}
      sx={formGrid}
    >
      {text('firstName', 'First name')}
      {text('lastName', 'Last name')}
      {text('email', 'E-mail')}
      <OneOf control={control} name="role" label="Role" options={roleChoices} error={errors.role?.message} />
      <Several
        control={control}
        name="rooms"
        label="Sees the children of"
        options={office.rooms.map(({ id, name }) => [id, name])}
        error={errors.rooms?.message}
      />
      <Box sx={{ display: 'flex', gap: 1 }}>
        <Button type="submit" variant="contained" color="primary" disabled={isSubmitting}>
          Add
        </Button>
        <Button onClick={onClose}>Close</Button>
      </Box>
      {errors.root && (
        <Typography role="alert" sx={{ gridColumn: '1 / -1' }}>
          {errors.root.message}
        </Typography>
      )}
    </Box>
  );
}
