import { blankChild, childColumnNames, NewChild, type OfficeView } from '@dotting/contract';
import { classValidatorResolver } from '@hookform/resolvers/class-validator';
import { FormProvider, useForm } from 'react-hook-form';
import { ChildField } from '../common/ChildField.js';
import { OneOf } from '../common/OneOf.js';
import { sending } from '../common/sending.js';
import { words } from '../wording/all.js';
import { change } from './office.js';
import { FieldsForm } from '../common/FieldsForm.js';

interface NewChildFormProps {
  readonly office: OfficeView;
  readonly onDone: () => void;
}

/** A child who comes from now on. */
export function NewChildForm({ office, onDone }: NewChildFormProps) {
  const form = useForm<NewChild>({
    resolver: classValidatorResolver(NewChild),
    defaultValues: { ...blankChild, roomId: office.rooms[0]?.id ?? '' },
  });
  const { errors, isSubmitting } = form.formState;
  const add = form.handleSubmit((child) =>
    sending(form.setError, async () => {
      await change('POST', 'children', child);
      onDone();
    }),
  );
  return (
    <FormProvider {...form}>
      <FieldsForm
        label={words.office.addChild()}
        submitWords={words.common.add()}
        leaveWords={words.common.cancel()}
        isSubmitting={isSubmitting}
        error={errors.root?.message}
        onSubmit={(event) => void add(event)}
        onLeave={onDone}
      >
        {childColumnNames.map((name) => (
          <ChildField key={name} name={name} />
        ))}
        <OneOf
          control={form.control}
          name="roomId"
          label={words.fields.room()}
          options={office.rooms.map(({ id, name }) => [id, name])}
          error={errors.roomId?.message}
        />
      </FieldsForm>
    </FormProvider>
  );
}
