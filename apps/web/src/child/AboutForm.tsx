import { ChildChange, type ChildView, type Hand } from '@dotting/contract';
import { needs } from '@dotting/core';
import { classValidatorResolver } from '@hookform/resolvers/class-validator';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { Controller, useForm } from 'react-hook-form';
import { Refused, request } from '../api/http.js';
import { childQuery, queryClient } from '../api/queries.js';
import { useLanguages } from '../app/language.js';
import { needWords } from '../app/needs.js';
import { Several } from './Several.js';

interface AboutFormProps {
  readonly child: ChildView;
  readonly onDone: () => void;
}

const mouthsChoices: readonly [string, boolean | null][] = [
  ['nobody has said', null],
  ['still mouths things', true],
  ['does not', false],
];
const handChoices: readonly [string, Hand | null][] = [
  ['not known', null],
  ['left', 'left'],
  ['right', 'right'],
];

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
    },
  });
  const { errors, isSubmitting } = formState;
  const languages = useLanguages();

  const save = handleSubmit(async (change) => {
    try {
      await request('PATCH', `children/${child.id}`, change);
      await queryClient.invalidateQueries({ queryKey: childQuery(child.id).queryKey });
      onDone();
    } catch (error) {
      if (error instanceof Refused) {
        for (const { field, message } of error.fields) setError(field as keyof ChildChange, { message });
      }
      setError('root', { message: error instanceof Error ? error.message : String(error) });
    }
  });

  const choice = <Value,>(name: 'mouths' | 'hand', label: string, choices: readonly [string, Value][]) => (
    <Controller
      name={name}
      control={control}
      render={({ field }) => (
        <TextField
          select
          label={label}
          value={choices.findIndex(([, value]) => value === field.value)}
          onChange={(event) => field.onChange(choices[Number(event.target.value)]![1])}
        >
          {choices.map(([words], i) => (
            <MenuItem key={words} value={i}>
              {words}
            </MenuItem>
          ))}
        </TextField>
      )}
    />
  );

  return (
    <Box component="form" noValidate onSubmit={(event) => void save(event)} sx={{ display: 'grid', gap: 2 }}>
      <TextField
        label="First name"
        error={!!errors.firstName}
        helperText={errors.firstName?.message}
        {...register('firstName')}
      />
      <TextField
        label="Birth date"
        type="date"
        slotProps={{ inputLabel: { shrink: true } }}
        error={!!errors.birthDate}
        helperText={errors.birthDate?.message}
        {...register('birthDate', { setValueAs: (value: string | null) => value || null })}
      />
      {choice('mouths', 'Things in the mouth', mouthsChoices)}
      {choice('hand', 'Hand', handChoices)}
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
