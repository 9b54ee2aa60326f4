import { NewAdult, type AdultSecrets, type OfficeView } from '@dotting/contract';
import { classValidatorResolver } from '@hookform/resolvers/class-validator';
import TextField from '@mui/material/TextField';
import { FormProvider, useForm } from 'react-hook-form';
import { sending } from '../common/sending.js';
import { change } from './office.js';
import { FieldsForm } from '../common/FieldsForm.js';
import { RoleAndRooms } from './RoleAndRooms.js';
import { words } from '../wording/all.js';

interface NewAdultFormProps {
  readonly office: OfficeView;
  readonly onAdded: (secrets: AdultSecrets) => void;
  readonly onClose: () => void;
}

export function NewAdultForm({ office, onAdded, onClose }: NewAdultFormProps) {
  const form = useForm<NewAdult>({
    resolver: classValidatorResolver(NewAdult),
    defaultValues: { firstName: '', lastName: '', email: '', role: 'practitioner', rooms: [] },
  });
  const { register, handleSubmit, setError, formState } = form;
  const { errors, isSubmitting } = formState;
  const add = handleSubmit((adult) =>
    sending(setError, async () => onAdded(await change<AdultSecrets>('POST', 'adults', adult))),
  );
  const text = (name: 'firstName' | 'lastName' | 'email', label: string) => (
    <TextField label={label} error={!!errors[name]} helperText={errors[name]?.message} {...register(name)} />
  );
  return (
    <FormProvider {...form}>
      <FieldsForm
        label={words.office.addAdult()}
        submitWords={words.common.add()}
        leaveWords={words.common.cancel()}
        isSubmitting={isSubmitting}
        error={errors.root?.message}
        onSubmit={(event) => void add(event)}
        onLeave={onClose}
      >
        {text('firstName', words.fields.firstName())}
        {text('lastName', words.fields.lastName())}
        {text('email', words.entrance.email())}
        <RoleAndRooms office={office} />
      </FieldsForm>
    </FormProvider>
  );
}
