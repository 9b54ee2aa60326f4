import { ChildChange, columnsToCorrect, type ChildView } from '@dotting/contract';
import { classValidatorResolver } from '@hookform/resolvers/class-validator';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { FormProvider, useForm } from 'react-hook-form';
import { request } from '../api/http.js';
import { queryClient } from '../api/queries.js';
import { ChildField } from '../common/ChildField.js';
import { sending } from '../common/sending.js';
import { useUnsaved } from '../common/unsaved.js';
import { words } from '../wording/all.js';
import { useState } from 'react';

interface AboutFormProps {
  readonly child: ChildView;
  readonly onDone: () => void;
}

/** Puts right what the cautions rest on. */
export default function AboutForm({ child, onDone }: AboutFormProps) {
  const form = useForm<ChildChange>({
    resolver: classValidatorResolver(ChildChange),
    defaultValues: Object.fromEntries(columnsToCorrect.map((name) => [name, child[name]])),
  });
  const [isTyped, setTyped] = useState(false);
  useUnsaved(isTyped);
  const { errors, isSubmitting } = form.formState;
  const save = form.handleSubmit((change) =>
    sending(form.setError, async () => {
      await request('PATCH', `children/${child.id}`, change);
      await queryClient.invalidateQueries();
      onDone();
    }),
  );
  return (
    <FormProvider {...form}>
      <Box
        component="form"
        noValidate
        onSubmit={(event) => void save(event)}
        onInput={() => setTyped(true)}
        sx={{ display: 'grid', gap: 2 }}
      >
        {columnsToCorrect.map((name) => (
          <ChildField key={name} name={name} />
        ))}
        {errors.root && <Alert>{errors.root.message}</Alert>}
        <Box sx={{ display: 'flex', gap: 1 }}>
          <Button type="submit" variant="contained" color="primary" disabled={isSubmitting}>
            {words.common.save()}
          </Button>
          <Button onClick={onDone}>{words.common.cancel()}</Button>
        </Box>
      </Box>
    </FormProvider>
  );
}
