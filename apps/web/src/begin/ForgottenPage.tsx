import { ForgottenPassword } from '@dotting/contract';
import { classValidatorResolver } from '@hookform/resolvers/class-validator';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { Link } from 'react-router';
import { request } from '../api/http.js';
import { Notice } from '../common/Notice.js';
import { Plain } from '../common/Plain.js';
import { sending } from '../common/sending.js';
import { words } from '../wording/all.js';

/** Another password, by a code that whoever runs the server had printed. */
export function ForgottenPage() {
  const [isSaved, setSaved] = useState(false);
  const { register, handleSubmit, setError, reset, formState } = useForm<ForgottenPassword>({
    resolver: classValidatorResolver(ForgottenPassword),
    defaultValues: { code: '', password: '' },
  });
  const { errors, isSubmitting } = formState;
  const save = handleSubmit((given) =>
    sending(setError, async () => {
      await request('POST', 'begin/password', given);
      reset();
      setSaved(true);
    }),
  );
  return (
    <Plain
      title={words.begin.forgotten()}
      intro={words.begin.forgottenIntro()}
      submitWords={words.begin.savePassword()}
      isSubmitting={isSubmitting}
      error={errors.root?.message}
      onSubmit={(event) => void save(event)}
      others={<Link to="/">{words.begin.toSignIn()}</Link>}
    >
      <TextField
        label={words.begin.oneTimeCode()}
        autoComplete="one-time-code"
        error={!!errors.code}
        helperText={errors.code?.message}
        {...register('code')}
      />
      <TextField
        label={words.begin.newPassword()}
        type="password"
        autoComplete="new-password"
        error={!!errors.password}
        helperText={errors.password?.message ?? words.begin.passwordHint()}
        {...register('password')}
      />
      {isSaved && <Notice>{words.begin.passwordSaved()}</Notice>}
    </Plain>
  );
}
