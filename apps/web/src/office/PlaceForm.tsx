import {
  canBeLastDay,
  isFarLastDay,
  PlaceChange,
  type OfficeChild,
  type OfficeView,
} from '@dotting/contract';
import { classValidatorResolver } from '@hookform/resolvers/class-validator';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import TextField from '@mui/material/TextField';
import { useForm } from 'react-hook-form';
import { sayLongDay } from '../common/days.js';
import { DayField } from '../common/DayField.js';
import { OneOf } from '../common/OneOf.js';
import { sending } from '../common/sending.js';
import { Several } from '../common/Several.js';
import { change } from './office.js';
import { FieldsForm } from '../common/FieldsForm.js';
import { words } from '../wording/all.js';

interface PlaceFormProps {
  readonly child: OfficeChild;
  readonly office: OfficeView;
  readonly onDone: () => void;
}

/** Where a child is, who sees it, and its last day. What the cautions rest on is put right on its own page. */
export function PlaceForm({ child, office, onDone }: PlaceFormProps) {
  const { lastName, roomId, group, seenBy, leftOn } = child;
  const { register, control, handleSubmit, setError, formState, watch } = useForm<PlaceChange>({
    resolver: classValidatorResolver(PlaceChange),
    defaultValues: { lastName, roomId, group, seenBy, leftOn },
  });
  const { errors, isSubmitting } = formState;
  const save = handleSubmit((place) =>
    sending(setError, async () => {
      await change('PATCH', `children/${child.id}`, place);
      onDone();
    }),
  );
  const lastDay = watch('leftOn');
  const isFar =
    !!lastDay && lastDay !== leftOn && canBeLastDay(lastDay, office.day) && isFarLastDay(lastDay, office.day);
  const others = office.adults.filter(
    (adult) =>
      adult.role !== 'lead' &&
      adult.leftOn === null &&
      (!adult.rooms.includes(child.roomId) || seenBy.includes(adult.id)),
  );
  return (
    <FieldsForm
      submitWords={words.common.save()}
      leaveWords={words.common.cancel()}
      isSubmitting={isSubmitting}
      error={errors.root?.message}
      onSubmit={(event) => void save(event)}
      onLeave={onDone}
    >
      <TextField
        label={words.fields.lastName()}
        error={!!errors.lastName}
        helperText={errors.lastName?.message}
        {...register('lastName')}
      />
      <OneOf
        control={control}
        name="roomId"
        label={words.fields.room()}
        options={office.rooms.map(({ id, name }) => [id, name])}
        error={errors.roomId?.message}
      />
      <TextField
        label={words.fields.group()}
        error={!!errors.group}
        helperText={errors.group?.message ?? words.hints.group()}
        {...register('group')}
      />
      <Several
        control={control}
        name="seenBy"
        label={words.office.alsoSeenField()}
        options={others.map((adult) => [adult.id, `${adult.firstName} ${adult.lastName}`])}
        error={errors.seenBy?.message}
      />
      <DayField
        register={register}
        name="leftOn"
        label={words.office.lastDayField()}
        error={errors.leftOn?.message}
        help={leavingWords(child, office)}
      />
      {isFar && (
        <FormControlLabel
          control={<Checkbox {...register('sure')} />}
          label={words.office.farOff({ day: sayLongDay(lastDay) })}
        />
      )}
    </FieldsForm>
  );
}

function leavingWords({ roomId }: OfficeChild, { rooms }: OfficeView): string {
  const months = rooms.find((room) => room.id === roomId)!.retentionMonths;
  return words.office.leavingHint({ n: months });
}
