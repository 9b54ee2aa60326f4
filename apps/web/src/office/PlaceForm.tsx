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
import { sayLongDay } from '../app/days.js';
import { DayField } from '../app/DayField.js';
import { OneOf } from '../app/OneOf.js';
import { sending } from '../app/sending.js';
import { Several } from '../app/Several.js';
import { change } from './office.js';
import { OfficeForm } from './OfficeForm.js';

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
    <OfficeForm
      submitWords="Keep"
      leaveWords="Leave as it was"
      isSubmitting={isSubmitting}
      error={errors.root?.message}
      onSubmit={(event) => void save(event)}
      onLeave={onDone}
    >
      <TextField
        label="Last name"
        error={!!errors.lastName}
        helperText={errors.lastName?.message}
        {...register('lastName')}
      />
      <OneOf
        control={control}
        name="roomId"
        label="Room"
        options={office.rooms.map(({ id, name }) => [id, name])}
        error={errors.roomId?.message}
      />
      <TextField
        label="Group"
        error={!!errors.group}
        helperText={errors.group?.message ?? 'A group within the room; empty for none'}
        {...register('group')}
      />
      <Several
        control={control}
        name="seenBy"
        label="Also seen by, from other rooms"
        options={others.map((adult) => [adult.id, `${adult.firstName} ${adult.lastName}`])}
        error={errors.seenBy?.message}
      />
      <DayField
        register={register}
        name="leftOn"
        label="Last day here"
        error={errors.leftOn?.message}
        help={leavingWords(child, office)}
      />
      {isFar && (
        <FormControlLabel
          control={<Checkbox {...register('sure')} />}
          label={`${sayLongDay(lastDay)} is far from today. Yes, that is right`}
        />
      )}
    </OfficeForm>
  );
}

function leavingWords({ roomId }: OfficeChild, { rooms }: OfficeView): string {
  const months = rooms.find((room) => room.id === roomId)!.retentionMonths;
  return `Hidden after it; due to be erased ${months} months later`;
}
