import { PlaceChange, type OfficeChild, type OfficeView } from '@dotting/contract';
import { classValidatorResolver } from '@hookform/resolvers/class-validator';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useForm } from 'react-hook-form';
import { OneOf } from '../app/OneOf.js';
import { sending } from '../app/sending.js';
import { Several } from '../app/Several.js';
import { formGrid } from './formGrid.js';
import { change } from './office.js';

interface PlaceFormProps {
  readonly child: OfficeChild;
  readonly office: OfficeView;
  readonly onDone: () => void;
}

/** Where a child is, who sees it, and its last day. What the cautions rest on is put right on its own page. */
export function PlaceForm({ child, office, onDone }: PlaceFormProps) {
  const { lastName, roomId, group, seenBy, leftOn } = child;
  const { register, control, handleSubmit, setError, formState } = useForm<PlaceChange>({
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
  const others = office.adults.filter(
    (adult) =>
      adult.role !== 'lead' &&
      adult.leftOn === null &&
      (!adult.rooms.includes(child.roomId) || seenBy.includes(adult.id)),
  );
  return (
    <Box component="form" noValidate onSubmit={(event) => void save(event)} sx={formGrid}>
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
      <TextField
        label="Last day here"
        type="date"
        slotProps={{ inputLabel: { shrink: true } }}
        error={!!errors.leftOn}
        helperText={errors.leftOn?.message ?? leavingWords(child, office)}
        {...register('leftOn', { setValueAs: (value: string | null) => value || null })}
      />
      <Box sx={{ display: 'flex', gap: 1, alignItems: 'start' }}>
        <Button type="submit" variant="contained" color="primary" disabled={isSubmitting}>
          Keep
        </Button>
        <Button onClick={onDone}>Leave as it was</Button>
      </Box>
      {errors.root && (
        <Typography role="alert" sx={{ gridColumn: '1 / -1' }}>
          {errors.root.message}
        </Typography>
      )}
    </Box>
  );
}

function leavingWords({ roomId }: OfficeChild, { rooms }: OfficeView): string {
  const months = rooms.find((room) => room.id === roomId)!.retentionMonths;
  return `Hidden after it; all is erased ${months} months later`;
}
