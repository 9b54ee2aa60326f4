import { AdultChange, type AdultSecrets, type OfficeAdult, type OfficeView } from '@dotting/contract';
import { classValidatorResolver } from '@hookform/resolvers/class-validator';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { DayField } from '../app/DayField.js';
import { OneOf } from '../app/OneOf.js';
import { sending } from '../app/sending.js';
import { Several } from '../app/Several.js';
import { Line } from './Line.js';
import { change } from './office.js';
import { OfficeForm } from './OfficeForm.js';
import { roleChoices, roleWords } from './roles.js';

interface AdultLineProps {
  readonly adult: OfficeAdult;
  readonly office: OfficeView;
  readonly onSecrets: (secrets: AdultSecrets) => void;
}

/** An adult: her role, the rooms whose children she sees, her last day, another code. */
export function AdultLine({ adult, office, onSecrets }: AdultLineProps) {
  const [isOpen, setOpen] = useState(false);
  const form = (
    <AdultForm adult={adult} office={office} onSecrets={onSecrets} onDone={() => setOpen(false)} />
  );
  return (
    <Line label={`${adult.firstName} ${adult.lastName}`} beneath={isOpen && form}>
      <Typography sx={{ flex: 1.2, fontWeight: 650 }}>
        {adult.firstName} {adult.lastName}
      </Typography>
      <Typography variant="body2" sx={{ flex: 0.8 }}>
        {roleWords[adult.role]}
      </Typography>
      <Typography variant="body2" color="textSecondary" sx={{ flex: 1.6 }}>
        {adult.leftOn ? `came in until ${adult.leftOn}` : seesWords(adult, office)}
      </Typography>
      <Button onClick={() => setOpen(!isOpen)} aria-expanded={isOpen}>
        Change
      </Button>
    </Line>
  );
}

function seesWords({ role, rooms }: OfficeAdult, office: OfficeView): string {
  if (role === 'lead') return 'sees all children';
  const names = office.rooms.filter((room) => rooms.includes(room.id)).map((room) => room.name);
  return names.length === 0 ? 'sees only children she is named for' : `sees ${names.join(', ')}`;
}

function AdultForm({ adult, office, onSecrets, onDone }: AdultLineProps & { readonly onDone: () => void }) {
  const { role, rooms, leftOn } = adult;
  const { register, control, handleSubmit, setError, formState } = useForm<AdultChange>({
    resolver: classValidatorResolver(AdultChange),
    defaultValues: { role, rooms, leftOn },
  });
  const { errors, isSubmitting } = formState;
  const keep = handleSubmit((changed) =>
    sending(setError, async () => {
      await change('PATCH', `adults/${adult.id}`, changed);
      onDone();
    }),
  );
  const renew = () =>
    sending(setError, async () => {
      onSecrets(await change<AdultSecrets>('POST', `adults/${adult.id}/secrets`));
      onDone();
    });
  return (
    <OfficeForm
      submitWords="Keep"
      leaveWords="Leave as it was"
      isSubmitting={isSubmitting}
      error={errors.root?.message}
      onSubmit={(event) => void keep(event)}
      onLeave={onDone}
      others={<Button onClick={() => void renew()}>A new code and password</Button>}
    >
      <OneOf control={control} name="role" label="Role" options={roleChoices} error={errors.role?.message} />
      <Several
        control={control}
        name="rooms"
        label="Sees the children of"
        options={office.rooms.map(({ id, name }) => [id, name])}
        error={errors.rooms?.message}
      />
      <DayField
        register={register}
        name="leftOn"
        label="Comes in no more from"
        error={errors.leftOn?.message}
        help="What is recorded stays"
      />
    </OfficeForm>
  );
}
