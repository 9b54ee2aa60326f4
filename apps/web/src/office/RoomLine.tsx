import { PutRoom, type OfficeRoom } from '@dotting/contract';
import { classValidatorResolver } from '@hookform/resolvers/class-validator';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { sending } from '../common/sending.js';
import { Line } from './Line.js';
import { change } from './office.js';
import { FieldsForm } from '../common/FieldsForm.js';
import { words } from '../wording/all.js';

interface RoomLineProps {
  readonly room: OfficeRoom;
  readonly isNew: boolean;
  readonly onDone: () => void;
}

/** A room, and how long it keeps a child who left. */
export function RoomLine({ room, isNew, onDone }: RoomLineProps) {
  const [isOpen, setOpen] = useState(isNew);
  const [refused, setRefused] = useState<string>();
  const { register, handleSubmit, setError, formState } = useForm<PutRoom>({
    resolver: classValidatorResolver(PutRoom),
    defaultValues: { name: room.name, retentionMonths: room.retentionMonths },
  });
  const { errors, isSubmitting } = formState;
  const close = (): void => {
    setOpen(false);
    onDone();
  };
  const keep = handleSubmit((put) =>
    sending(setError, async () => {
      await change('PUT', `rooms/${room.id}`, put);
      close();
    }),
  );
  const remove = (): Promise<void> =>
    change('DELETE', `rooms/${room.id}`).catch((error: Error) => setRefused(error.message));
  const form = (
    <FieldsForm
      submitWords={words.common.save()}
      leaveWords={words.common.cancel()}
      isSubmitting={isSubmitting}
      error={errors.root?.message ?? refused}
      onSubmit={(event) => void keep(event)}
      onLeave={close}
      others={!isNew && <Button onClick={() => void remove()}>{words.office.removeRoom()}</Button>}
    >
      <TextField
        label={words.fields.name()}
        error={!!errors.name}
        helperText={errors.name?.message}
        {...register('name')}
      />
      <TextField
        label={words.office.monthsKept()}
        error={!!errors.retentionMonths}
        helperText={errors.retentionMonths?.message}
        slotProps={{ htmlInput: { inputMode: 'numeric' } }}
        {...register('retentionMonths', { setValueAs: (text: string) => (text === '' ? NaN : Number(text)) })}
      />
    </FieldsForm>
  );
  return (
    <Line label={room.name || words.office.newRoom()} beneath={isOpen && form}>
      <Typography sx={{ flex: 1, fontWeight: 650 }}>{room.name || words.office.newRoom()}</Typography>
      {!isNew && (
        <>
          <Typography variant="body2" color="textSecondary" sx={{ flex: 2 }}>
            {words.office.keepsFor({ n: room.retentionMonths })}
          </Typography>
          <Button onClick={() => setOpen(!isOpen)} aria-expanded={isOpen}>
            {words.common.edit()}
          </Button>
        </>
      )}
    </Line>
  );
}
