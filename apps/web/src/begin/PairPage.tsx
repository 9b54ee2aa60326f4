import { OneTimeCode } from '@dotting/contract';
import { classValidatorResolver } from '@hookform/resolvers/class-validator';
import TextField from '@mui/material/TextField';
import { useForm } from 'react-hook-form';
import { Link, useNavigate } from 'react-router';
import { request } from '../api/http.js';
import { queryClient } from '../api/queries.js';
import { Plain } from '../common/Plain.js';
import { sending } from '../common/sending.js';
import { hereQuery } from '../entrance/hereQuery.js';
import { leaveNothingBehind } from '../entrance/signedOut.js';
import { outbox } from '../outbox/outbox.js';
import { words } from '../wording/all.js';

/** Signs this device in with a code that a lead shows on hers. */
export function PairPage() {
  const navigate = useNavigate();
  const { register, handleSubmit, setError, formState } = useForm<OneTimeCode>({
    resolver: classValidatorResolver(OneTimeCode),
    // Whoever came by a camera has it in the address.
    defaultValues: { code: window.location.hash.slice(1) },
  });
  const { errors, isSubmitting } = formState;
  const pair = handleSubmit((given) =>
    sending(setError, async () => {
      await outbox.deliver();
      await request('POST', 'device/paired', given);
      await leaveNothingBehind();
      await queryClient.resetQueries({ queryKey: hereQuery.queryKey });
      void navigate('/');
    }),
  );
  return (
    <Plain
      title={words.begin.pairTitle()}
      intro={words.begin.pairIntro()}
      submitWords={words.entrance.signIn()}
      isSubmitting={isSubmitting}
      error={errors.root?.message}
      onSubmit={(event) => void pair(event)}
      others={<Link to="/">{words.begin.toSignIn()}</Link>}
    >
      <TextField
        label={words.begin.pairCode()}
        autoComplete="one-time-code"
        error={!!errors.code}
        helperText={errors.code?.message}
        {...register('code')}
      />
    </Plain>
  );
}
