import { countable, type OwnTaskBody, type RoomHere } from '@dotting/contract';
import {
  arrangementsLike,
  counters,
  laysThings,
  rangeLike,
  readNumbers,
  taskOf,
  type OpenArrangement,
} from '@dotting/core';
import { thingsWords } from '@dotting/words';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { useFormContext, useWatch } from 'react-hook-form';
import { Listed } from '../common/Listed.js';
import { Several } from '../common/Several.js';
import { words } from '../wording/all.js';
import { TextOf } from './TextOf.js';

const largestSaid = 100;
const anything = 'any';

/** What lies on the tray, how many, and what is needed beside. */
export function OnTray({ room }: { readonly room: RoomHere }) {
  const { register, control, setValue, formState } = useFormContext<OwnTaskBody>();
  const [like, only, arrangement] = useWatch({ control, name: ['like', 'only', 'arrangement'] });
  const { errors } = formState;
  const task = taskOf(like);
  const containers = room.ownThings.filter(({ isContainer, retired }) => isContainer && !retired);
  const lying = arrangementsLike(like);
  const kinds = [...counters, ...countable(room.ownThings)];
  return (
    <>
      <Numbers key={like} />
      {laysThings(task) && task.only === undefined && (
        <Listed
          label={words.ownTasks.only()}
          value={only ?? anything}
          options={[
            [anything, words.ownTasks.anything()],
            ...kinds.map(({ id }) => [id, thingsWords(words, id)] as const),
          ]}
          onChoose={(kind) =>
            setValue('only', (kind === anything ? undefined : kind) as string, { shouldDirty: true })
          }
        />
      )}
      {lying.length > 0 && (
        <Listed<OpenArrangement>
          label={words.ownTasks.lies()}
          value={arrangement ?? lying.find((one) => one === task.arrangement) ?? null}
          options={lying.map((one) => [one, words.ownTasks.lying[one]()])}
          onChoose={(one) => setValue('arrangement', one, { shouldDirty: true })}
        />
      )}
      {task.pile !== undefined && (
        <TextField
          label={words.ownTasks.pile()}
          type="number"
          error={!!errors.pile}
          helperText={errors.pile?.message}
          {...register('pile', { valueAsNumber: true })}
        />
      )}
      <TextField
        label={words.ownTasks.minutes()}
        type="number"
        error={!!errors.minutes}
        helperText={errors.minutes?.message}
        {...register('minutes', { valueAsNumber: true })}
      />
      {containers.length > 0 && (
        <Several
          control={control}
          name="beside"
          label={words.ownTasks.beside()}
          options={containers.map(({ id, many }) => [id, many])}
          error={errors.beside?.message}
        />
      )}
      <TextOf name="setOut" isLong />
      <TextOf name="also" isLong />
    </>
  );
}

/** The numbers of the ladder as they are written: “2, 4, 6”, or “1-5”. */
function Numbers() {
  const { control, setValue, formState } = useFormContext<OwnTaskBody>();
  const [like, ladder] = useWatch({ control, name: ['like', 'ladder'] });
  const [typed, setTyped] = useState(() => ladder.join(', '));
  const error = formState.errors.ladder;
  return (
    <TextField
      label={words.ownTasks.numbers()}
      value={typed}
      error={error !== undefined}
      helperText={error?.message ?? words.ownTasks.numbersHint(rangeLike(like))}
      onChange={({ target }) => {
        setTyped(target.value);
        // What cannot be read as numbers is none, and is refused so when it is saved.
        const read = readNumbers(target.value, largestSaid) ?? [];
        setValue('ladder', [...read], { shouldDirty: true, shouldValidate: formState.isSubmitted });
      }}
    />
  );
}
