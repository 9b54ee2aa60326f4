import { OwnCode, OwnPassword } from '@dotting/contract';
import { classValidatorResolver } from '@hookform/resolvers/class-validator';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { useForm, type Resolver } from 'react-hook-form';
import { request } from '../api/http.js';
import { FieldsForm } from '../common/FieldsForm.js';
import { useHere } from '../common/here.js';
import { sending } from '../common/sending.js';
import { rememberCode } from '../entrance/offlineCode.js';
import { words } from '../wording/all.js';

type Change = OwnCode & OwnPassword;

const resolvers: Readonly<Record<'code' | 'password', Resolver<Change>>> = {
  code: classValidatorResolver(OwnCode),
  password: classValidatorResolver(OwnPassword),
};

/** Her own code and password, each changed by the one she has now. */
export function OwnSecrets() {
  const { adult } = useHere();
  return (
    <>
      <OwnSecret
        which="code"
        title={words.settings.code()}
        now={words.settings.codeNow()}
        next={words.settings.codeNext()}
        change={words.settings.changeCode()}
        changed={words.settings.codeChanged()}
        // Without a network she comes in with the new one.
        onChanged={(code) => rememberCode(adult, code)}
      />
      <OwnSecret
        which="password"
        title={words.settings.password()}
        now={words.settings.passwordNow()}
        next={words.settings.passwordNext()}
        change={words.settings.changePassword()}
        changed={words.settings.passwordChanged()}
      />
    </>
  );
}

interface OwnSecretProps {
  readonly which: 'code' | 'password';
  readonly title: string;
  readonly now: string;
  readonly next: string;
  readonly change: string;
  readonly changed: string;
  readonly onChanged?: (next: string) => Promise<void>;
}

function OwnSecret({ which, title, now, next, change, changed, onChanged }: OwnSecretProps) {
  const [isOpen, setOpen] = useState(false);
  const [isChanged, setChanged] = useState(false);
  const { register, handleSubmit, setError, reset, formState } = useForm<Change>({
    resolver: resolvers[which],
    defaultValues: { now: '', next: '' },
  });
  const { errors, isSubmitting } = formState;
  const close = (): void => {
    reset();
    setOpen(false);
  };
  const save = handleSubmit((given) =>
    sending(setError, async () => {
      await request('PUT', `adult/${which}`, given);
      await onChanged?.(given.next);
      close();
      setChanged(true);
    }),
  );
  const field = (name: 'now' | 'next', label: string) => (
    <TextField
      label={label}
      type="password"
      autoComplete={name === 'now' ? 'current-password' : 'new-password'}
      error={!!errors[name]}
      helperText={errors[name]?.message}
      {...register(name)}
    />
  );
  return (
    <Box component="section" aria-label={title}>
      {isChanged && <Typography role="status">{changed}</Typography>}
      {isOpen ? (
        <FieldsForm
          label={title}
          submitWords={change}
          leaveWords={words.common.cancel()}
          isSubmitting={isSubmitting}
          error={errors.root?.message}
          onSubmit={(event) => void save(event)}
          onLeave={close}
        >
          {field('now', now)}
          {field('next', next)}
        </FieldsForm>
      ) : (
        <Button
          onClick={() => {
            setChanged(false);
            setOpen(true);
          }}
        >
          {change}
        </Button>
      )}
    </Box>
  );
}
