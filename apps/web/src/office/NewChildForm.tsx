import { NewChild, type OfficeView } from '@dotting/contract';
import { needs } from '@dotting/core';
import { classValidatorResolver } from '@hookform/resolvers/class-validator';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useForm } from 'react-hook-form';
import { handChoices, mouthsChoices } from '../app/childChoices.js';
import { useLanguages } from '../app/language.js';
import { needWords } from '../app/needs.js';
import { OneOf } from '../app/OneOf.js';
import { sending } from '../app/sending.js';
import { Several } from '../app/Several.js';
import { formGrid } from './formGrid.js';
import { change } from './office.js';

interface NewChildFormProps {
  readonly office: OfficeView;
  readonly onDone: () => void;
}

/** A child who comes from now on. */
export function NewChildForm({ office, onDone }: NewChildFormProps) {
  const { register, control, handleSubmit, setError, formState } = useForm<NewChild>({
    resolver: classValidatorResolver(NewChild),
    defaultValues: {
      firstName: '',
      lastName: '',
      birthDate: null,
      roomId: office.rooms[0]?.id ?? '',
      group: '',
      hand: null,
      mouths: null,
      allergies: '',
      languages: ['en'],
      needs: [],
    },
  });
  const languages = useLanguages();
  const { errors, isSubmitting } = formState;
  const add = handleSubmit((child) =>
    sending(setError, async () => {
      await change('POST', 'children', child);
      onDone();
    }),
  );
  const text = (name: 'firstName' | 'lastName' | 'group' | 'allergies', label: string, help?: string) => (
    <TextField
      label={label}
      error={!!errors[name]}
      helperText={errors[name]?.message ?? help}
      {...register(name)}
    />
  );
  return (
    <Box
      component="form"
      noValidate
      aria-label="Add a child"
      onSubmit={(event) => void add(event)}
      sx={formGrid}
    >
      {text('firstName', 'First name')}
      {text('lastName', 'Last name')}
      <TextField
        label="Birth date"
        type="date"
        slotProps={{ inputLabel: { shrink: true } }}
        error={!!errors.birthDate}
        helperText={errors.birthDate?.message ?? 'Without one, taken as under three'}
        {...register('birthDate', { setValueAs: (value: string | null) => value || null })}
      />
      <OneOf
        control={control}
        name="roomId"
        label="Room"
        options={office.rooms.map(({ id, name }) => [id, name])}
        error={errors.roomId?.message}
      />
      {text('group', 'Group', 'A group within the room; empty for none')}
      {text('allergies', 'Allergies')}
      <OneOf control={control} name="mouths" label="Things in the mouth" options={mouthsChoices} />
      <OneOf control={control} name="hand" label="Hand" options={handChoices} />
      <Several
        control={control}
        name="languages"
        label="Counts in, the usual one first"
        options={languages.map((one) => [one.tag, one.name])}
        error={errors.languages?.message}
      />
      <Several
        control={control}
        name="needs"
        label="Tasks done otherwise for"
        options={needs.map((need) => [need, needWords[need]])}
        error={errors.needs?.message}
      />
      <Box sx={{ display: 'flex', gap: 1 }}>
        <Button type="submit" variant="contained" color="primary" disabled={isSubmitting}>
          Add
        </Button>
        <Button onClick={onDone}>Close</Button>
      </Box>
      {errors.root && (
        <Typography role="alert" sx={{ gridColumn: '1 / -1' }}>
          {errors.root.message}
        </Typography>
      )}
    </Box>
  );
}
