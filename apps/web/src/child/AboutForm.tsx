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
import { handChoices, mouthsChoices } from '../common/childChoices.js';
import { DayField } from '../common/DayField.js';
import { useLanguages } from '../common/language.js';
import { OneOf } from '../common/OneOf.js';
import { sending } from '../common/sending.js';
import { Several } from '../common/Several.js';
import { words } from '../wording/words.js';

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
        label={words.fields.firstName()}
        error={!!errors.firstName}
        helperText={errors.firstName?.message}
        {...register('firstName')}
      />
      <DayField
        register={register}
        name="birthDate"
        label={words.fields.birthDate()}
        error={errors.birthDate?.message}
      />
      <TextField
        label={words.fields.group()}
        error={!!errors.group}
        helperText={errors.group?.message ?? words.fields.groupHint()}
        {...register('group')}
      />
      <OneOf control={control} name="mouths" label={words.fields.mouthing()} options={mouthsChoices()} />
      <OneOf control={control} name="hand" label={words.fields.hand()} options={handChoices()} />
      <TextField
        label={words.fields.allergies()}
        error={!!errors.allergies}
        helperText={errors.allergies?.message}
        {...register('allergies')}
      />
      <Several
        control={control}
        name="languages"
        label={words.fields.countsIn()}
        options={languages.map((one) => [one.tag, one.name])}
        error={errors.languages?.message}
      />
      <Several
        control={control}
        name="needs"
        label={words.fields.adaptFor()}
        options={needs.map((need) => [need, words.needs[need]()])}
        error={errors.needs?.message}
      />
      {errors.root && <Typography role="alert">{errors.root.message}</Typography>}
      <Box sx={{ display: 'flex', gap: 1 }}>
        <Button type="submit" variant="contained" color="primary" disabled={isSubmitting}>
          {words.common.save()}
        </Button>
        <Button onClick={onDone}>{words.common.cancel()}</Button>
      </Box>
    </Box>
  );
}
