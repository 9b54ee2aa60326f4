import { BeginNursery } from '@dotting/contract';
import { languages, offeredLanguages, type AppLanguage } from '@dotting/words';
import { classValidatorResolver } from '@hookform/resolvers/class-validator';
import Button from '@mui/material/Button';
import Box from '@mui/material/Box';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useQuery } from '@tanstack/react-query';
import { FormProvider, useForm, useFormContext, useWatch } from 'react-hook-form';
import { Link, useNavigate } from 'react-router';
import { request } from '../api/http.js';
import { beginQuery, queryClient } from '../api/queries.js';
import { Choice } from '../common/Choice.js';
import { Plain } from '../common/Plain.js';
import { sending } from '../common/sending.js';
import { hereQuery } from '../entrance/hereQuery.js';
import { leaveNothingBehind } from '../entrance/signedOut.js';
import { outbox } from '../outbox/outbox.js';
import { words } from '../wording/all.js';

/** A nursery of one’s own: its rooms and its first lead. This device is signed in there. */
export function SetUpPage() {
  const navigate = useNavigate();
  const { data: begin } = useQuery(beginQuery);
  const form = useForm<BeginNursery>({
    resolver: classValidatorResolver(BeginNursery),
    defaultValues: {
      site: '',
      rooms: [''],
      firstName: '',
      lastName: '',
      email: '',
      password: '',
      code: '',
      language: words.language,
      removesDemo: false,
    },
  });
  const { errors, isSubmitting } = form.formState;
  const setUp = form.handleSubmit((nursery) =>
    sending(form.setError, async () => {
      await outbox.deliver();
      await request('POST', 'begin', nursery);
      // The children of where it was before are of no use there.
      await leaveNothingBehind();
      await queryClient.resetQueries({ queryKey: hereQuery.queryKey });
      void navigate('/');
    }),
  );
  return (
    <FormProvider {...form}>
      <Plain
        title={words.begin.title()}
        intro={words.begin.intro()}
        submitWords={words.begin.setUp()}
        isSubmitting={isSubmitting}
        error={errors.root?.message}
        onSubmit={(event) => void setUp(event)}
        others={<Link to="/">{words.begin.toSignIn()}</Link>}
      >
        {begin && !begin.isFirst && (
          <Text name="oneTimeCode" label={words.begin.oneTimeCode()} hint={words.begin.oneTimeCodeHint()} />
        )}
        <Text name="site" label={words.begin.site()} />
        <RoomNames />
        <Typography variant="h3" component="h2">
          {words.begin.lead()}
        </Typography>
        <Typography variant="body2" color="textSecondary">
          {words.begin.leadHint()}
        </Typography>
        <Text name="firstName" label={words.begin.firstName()} autoComplete="given-name" />
        <Text name="lastName" label={words.begin.lastName()} autoComplete="family-name" />
        <Text name="email" type="email" label={words.entrance.email()} autoComplete="username" />
        <Text
          name="password"
          type="password"
          label={words.entrance.password()}
          hint={words.begin.passwordHint()}
          autoComplete="new-password"
        />
        <Text
          name="code"
          type="password"
          label={words.begin.code()}
          hint={words.begin.codeHint()}
          autoComplete="off"
        />
        <SpokenTo />
        {begin?.isFirst && begin.hasDemo && <WhatOfDemo />}
      </Plain>
    </FormProvider>
  );
}

interface TextProps {
  readonly name: 'oneTimeCode' | 'site' | 'firstName' | 'lastName' | 'email' | 'password' | 'code';
  readonly label: string;
  readonly hint?: string;
  readonly type?: 'text' | 'email' | 'password';
  readonly autoComplete?: string;
}

function Text({ name, label, hint, type = 'text', autoComplete = 'off' }: TextProps) {
  const { register, formState } = useFormContext<BeginNursery>();
  const problem = formState.errors[name]?.message;
  return (
    <TextField
      label={label}
      type={type}
      autoComplete={autoComplete}
      error={problem !== undefined}
      helperText={problem ?? hint}
      {...register(name)}
      {...(name === 'code' && { slotProps: { htmlInput: { inputMode: 'numeric' } } })}
    />
  );
}

/** One line a room; there is always one. */
function RoomNames() {
  const { register, setValue, control, formState } = useFormContext<BeginNursery>();
  const rooms = useWatch({ control, name: 'rooms' });
  const problem = formState.errors.rooms;
  const change = (names: string[]): void => setValue('rooms', names, { shouldDirty: true });
  return (
    <Box role="group" aria-label={words.begin.rooms()} sx={{ display: 'grid', gap: 1.5 }}>
      {rooms.map((_, i) => (
        // By its place: a name may be typed twice before it is put right.
        <Box key={i} sx={{ display: 'flex', gap: 1, alignItems: 'center' }}>
          <TextField
            label={words.begin.room({ n: i + 1 })}
            sx={{ flex: 1 }}
            error={problem !== undefined}
            {...register(`rooms.${i}`)}
          />
          {rooms.length > 1 && (
            <Button
              aria-label={words.begin.removeRoom({ n: i + 1 })}
              onClick={() => change(rooms.filter((__, j) => j !== i))}
            >
              {words.common.delete()}
            </Button>
          )}
        </Box>
      ))}
      {problem && (
        <Typography variant="body2" color="error">
          {problem.message ?? problem.root?.message}
        </Typography>
      )}
      <Box>
        <Button onClick={() => change([...rooms, ''])}>{words.begin.addRoom()}</Button>
      </Box>
    </Box>
  );
}

function SpokenTo() {
  const { setValue, control } = useFormContext<BeginNursery>();
  const language = useWatch({ control, name: 'language' });
  return (
    <Choice<AppLanguage>
      label={words.settings.language()}
      value={language}
      options={offeredLanguages.map((one) => [one, languages[one].name])}
      onChoose={(one) => setValue('language', one)}
    />
  );
}

function WhatOfDemo() {
  const { setValue, control } = useFormContext<BeginNursery>();
  const removesDemo = useWatch({ control, name: 'removesDemo' });
  return (
    <Choice
      label={words.begin.demo()}
      value={removesDemo ? 'remove' : 'keep'}
      columns={1}
      options={[
        ['keep', words.begin.demoKeep()],
        ['remove', words.begin.demoRemove()],
      ]}
      onChoose={(chosen) => setValue('removesDemo', chosen === 'remove')}
    />
  );
}
