import { ChildChange, type ChildView } from '@dotting/contract';
import { needs } from '@dotting/core';
import { classValidatorResolver } from '@hookform/resolvers/class-validator';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useForm } from 'react-hook-form';
import { request } from '../api/http.js';
import { queryClient } from '../api/queries.js';
import { handChoices, mouthsChoices } from '../app/childChoices.js';
import { DayField } from '../app/DayField.js';
import { useLanguages } from '../app/language.js';
import { needWords } from '../app/needs.js';
import { OneOf } from '../app/OneOf.js';
import { sending } from '../app/sending.js';
import { Several } from '../app/Several.js';

interface AboutFormProps {
  readonly child: ChildView;
  readonly onDone: () => void;
}

/** Puts right what the cautions rest on. */
export default function AboutForm({ child, onDone }: AboutFormProps) {
  const { register, control, handleSubmit, setError, formState } = useForm<ChildChange>({
    resolver: classValidatorResolver(ChildChange),
    defaultValues: {
      firstName: child.firstName,
      birthDate: child.birthDate,
      mouths: child.mouths,
      hand: child.hand,
      allergies: child.allergies,
      languages: child.languages,
      needs: child.needs,
      group: child.group,
    },
  });
  const { errors, isSubmitting } = formState;
  const languages = useLanguages();

  const save = handleSubmit((change) =>
    sending(setError, async () => {
      await request('PATCH', `children/${child.id}`, change);
      await queryClient.invalidateQueries();
      onDone();
    }),
  );

  return (
    <Box component="form" noValidate onSubmit={(event) => void save(event)} sx={{ display: 'grid', gap: 2 }}>
      <TextField
        label="First name"
        error={!!errors.firstName}
        helperText={errors.firstName?.message}
        {...register('firstName')}
      />
      <DayField register={register} name="birthDate" label="Birth date" error={errors.birthDate?.message} />
      <TextField
        label="Group"
        error={!!errors.group}
        helperText={errors.group?.message ?? 'A group within the room; empty for none'}
        {...register('group')}
      />
      <OneOf control={control} name="mouths" label="Things in the mouth" options={mouthsChoices} />
      <OneOf control={control} name="hand" label="Hand" options={handChoices} />
      <TextField
        label="Allergies"
        error={!!errors.allergies}
        helperText={errors.allergies?.message}
        {...register('allergies')}
      />
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
      {errors.root && <Typography role="alert">{errors.root.message}</Typography>}
      <Box sx={{ display: 'flex', gap: 1 }}>
        <Button type="submit" variant="contained" color="primary" disabled={isSubmitting}>
          Keep
        </Button>
        <Button onClick={onDone}>Leave as it was</Button>
      </Box>
    </Box>
  );
}
