import { AdultChange, type AdultSecrets, type OfficeAdult, type OfficeView } from '@dotting/contract';
import { classValidatorResolver } from '@hookform/resolvers/class-validator';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { FormProvider, useForm } from 'react-hook-form';
import { DayField } from '../common/DayField.js';
import { sending } from '../common/sending.js';
import { Line } from './Line.js';
import { change } from './office.js';
import { FieldsForm } from '../common/FieldsForm.js';
import { RoleAndRooms } from './RoleAndRooms.js';
import { words } from '../wording/all.js';

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
        {words.office.roles[adult.role]()}
      </Typography>
      <Typography variant="body2" color="textSecondary" sx={{ flex: 1.6 }}>
        {adult.leftOn ? words.office.cameInUntil({ day: adult.leftOn }) : seesWords(adult, office)}
      </Typography>
      <Button onClick={() => setOpen(!isOpen)} aria-expanded={isOpen}>
        {words.common.edit()}
      </Button>
    </Line>
  );
}

function seesWords({ role, rooms }: OfficeAdult, office: OfficeView): string {
  if (role === 'lead') return words.office.seesAll();
  const names = office.rooms.filter((room) => rooms.includes(room.id)).map((room) => room.name);
  return names.length === 0 ? words.office.seesNamed() : words.office.seesRooms({ rooms: names.join(', ') });
}

function AdultForm({ adult, office, onSecrets, onDone }: AdultLineProps & { readonly onDone: () => void }) {
  const { role, rooms, leftOn } = adult;
  const form = useForm<AdultChange>({
    resolver: classValidatorResolver(AdultChange),
    defaultValues: { role, rooms, leftOn },
  });
  const { register, handleSubmit, setError, formState } = form;
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
    <FormProvider {...form}>
      <FieldsForm
        submitWords={words.common.save()}
        leaveWords={words.common.cancel()}
        isSubmitting={isSubmitting}
        error={errors.root?.message}
        onSubmit={(event) => void keep(event)}
        onLeave={onDone}
        others={<Button onClick={() => void renew()}>{words.office.newCode()}</Button>}
      >
        <RoleAndRooms office={office} />
        <DayField
          register={register}
          name="leftOn"
          label={words.office.leavesOn()}
          error={errors.leftOn?.message}
          help={words.office.leavesHint()}
        />
      </FieldsForm>
    </FormProvider>
  );
}
