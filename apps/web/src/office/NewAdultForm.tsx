import { NewAdult, type AdultSecrets, type OfficeView } from '@dotting/contract';
import { classValidatorResolver } from '@hookform/resolvers/class-validator';
import TextField from '@mui/material/TextField';
import { useForm } from 'react-hook-form';
import { OneOf } from '../common/OneOf.js';
import { sending } from '../common/sending.js';
import { Several } from '../common/Several.js';
import { change } from './office.js';
import { OfficeForm } from './OfficeForm.js';
import { roleChoices } from './roles.js';
import { words } from '../wording/words.js';

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
    <OfficeForm
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
      {text('email', 'E-mail')}
      <OneOf
        control={control}
        name="role"
        label={words.office.role()}
        options={roleChoices()}
        error={errors.role?.message}
      />
      <Several
        control={control}
        name="rooms"
        label={words.office.seesField()}
        options={office.rooms.map(({ id, name }) => [id, name])}
        error={errors.rooms?.message}
      />
    </OfficeForm>
  );
}
