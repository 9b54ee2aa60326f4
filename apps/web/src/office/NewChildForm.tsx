import { NewChild, type OfficeView } from '@dotting/contract';
import { needs } from '@dotting/core';
import { classValidatorResolver } from '@hookform/resolvers/class-validator';
import TextField from '@mui/material/TextField';
import { useForm } from 'react-hook-form';
import { handChoices, mouthsChoices } from '../common/childChoices.js';
import { DayField } from '../common/DayField.js';
import { useLanguages } from '../common/language.js';
import { OneOf } from '../common/OneOf.js';
import { sending } from '../common/sending.js';
import { Several } from '../common/Several.js';
import { change } from './office.js';
import { OfficeForm } from './OfficeForm.js';
import { words } from '../wording/words.js';

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
    <OfficeForm
      label={words.office.addChild()}
      submitWords={words.common.add()}
      leaveWords={words.common.cancel()}
      isSubmitting={isSubmitting}
      error={errors.root?.message}
      onSubmit={(event) => void add(event)}
      onLeave={onDone}
    >
      {text('firstName', words.fields.firstName())}
      {text('lastName', words.fields.lastName())}
      <DayField
        register={register}
        name="birthDate"
        label={words.fields.birthDate()}
        error={errors.birthDate?.message}
        help={words.fields.birthHint()}
      />
      <OneOf
        control={control}
        name="roomId"
        label={words.fields.room()}
        options={office.rooms.map(({ id, name }) => [id, name])}
        error={errors.roomId?.message}
      />
      {text('group', words.fields.group(), words.fields.groupHint())}
      {text('allergies', words.fields.allergies())}
      <OneOf control={control} name="mouths" label={words.fields.mouthing()} options={mouthsChoices()} />
      <OneOf control={control} name="hand" label={words.fields.hand()} options={handChoices()} />
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
    </OfficeForm>
  );
}
