import { NewChild, type OfficeView } from '@dotting/contract';
import { needs } from '@dotting/core';
import { classValidatorResolver } from '@hookform/resolvers/class-validator';
import TextField from '@mui/material/TextField';
import { useForm } from 'react-hook-form';
import { handChoices, mouthsChoices } from '../app/childChoices.js';
import { DayField } from '../app/DayField.js';
import { useLanguages } from '../app/language.js';
import { needWords } from '../app/needs.js';
import { OneOf } from '../app/OneOf.js';
import { sending } from '../app/sending.js';
import { Several } from '../app/Several.js';
import { change } from './office.js';
import { OfficeForm } from './OfficeForm.js';

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
      label="Add a child"
      submitWords="Add"
      leaveWords="Close"
      isSubmitting={isSubmitting}
      error={errors.root?.message}
      onSubmit={(event) => void add(event)}
      onLeave={onDone}
    >
      {text('firstName', 'First name')}
      {text('lastName', 'Last name')}
      <DayField
        register={register}
        name="birthDate"
        label="Birth date"
        error={errors.birthDate?.message}
        help="Without one, taken as under three"
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
    </OfficeForm>
  );
}
