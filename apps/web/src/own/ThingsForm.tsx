import { OwnThingsBody } from '@dotting/contract';
import { classValidatorResolver } from '@hookform/resolvers/class-validator';
import TextField from '@mui/material/TextField';
import { useForm } from 'react-hook-form';
import { putThings } from '../api/own.js';
import { FieldsForm } from '../common/FieldsForm.js';
import { OneOf } from '../common/OneOf.js';
import { sending } from '../common/sending.js';
import { Ticked } from '../common/Ticked.js';
import { words } from '../wording/all.js';

const blank: OwnThingsBody = {
  one: '',
  many: '',
  isContainer: false,
  // Taken as small until someone says otherwise.
  small: true,
  sharp: false,
  mouthable: false,
  food: '',
  across: 30,
  care: '',
};

interface ThingsFormProps {
  readonly roomId: string;
  readonly id: string;
  readonly things?: OwnThingsBody;
  readonly onDone: () => void;
}

/** A kind of thing, and what decides its cautions. */
export function ThingsForm({ roomId, id, things = blank, onDone }: ThingsFormProps) {
  const { one, many, isContainer, small, sharp, mouthable, food, across, care } = things;
  const { register, control, handleSubmit, setError, formState } = useForm<OwnThingsBody>({
    resolver: classValidatorResolver(OwnThingsBody),
    defaultValues: { one, many, isContainer, small, sharp, mouthable, food, across, care },
  });
  const { errors, isSubmitting } = formState;
  const save = handleSubmit((body) =>
    sending(setError, async () => {
      await putThings(roomId, id, body);
      onDone();
    }),
  );
  const text = (name: 'one' | 'many' | 'food' | 'care', hint?: string) => (
    <TextField
      label={words.ownThings[name]()}
      error={!!errors[name]}
      helperText={errors[name]?.message ?? hint}
      {...register(name)}
    />
  );
  return (
    <FieldsForm
      label={many || words.ownThings.add()}
      submitWords={words.common.save()}
      leaveWords={words.common.cancel()}
      isSubmitting={isSubmitting}
      error={errors.root?.message}
      onSubmit={(event) => void save(event)}
      onLeave={onDone}
    >
      {text('one')}
      {text('many')}
      <OneOf
        control={control}
        name="isContainer"
        label={words.ownThings.use()}
        options={[
          [false, words.ownThings.uses.counter()],
          [true, words.ownThings.uses.container()],
        ]}
      />
      <TextField
        label={words.ownThings.across()}
        type="number"
        error={!!errors.across}
        helperText={errors.across?.message}
        {...register('across', { valueAsNumber: true })}
      />
      {text('food', words.ownThings.foodHint())}
      {text('care')}
      <div>
        <Ticked control={control} name="small" label={words.ownThings.small()} />
        <div>{words.ownThings.smallHint()}</div>
      </div>
      <Ticked control={control} name="sharp" label={words.ownThings.sharp()} />
      <Ticked control={control} name="mouthable" label={words.ownThings.mouthable()} />
    </FieldsForm>
  );
}
