import { DeviceSignIn, type SiteChoice } from '@dotting/contract';
import { classValidatorResolver } from '@hookform/resolvers/class-validator';
import TextField from '@mui/material/TextField';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { Link, Navigate } from 'react-router';
import { Refused, request } from '../api/http.js';
import { beginQuery, queryClient } from '../api/queries.js';
import { Choice } from '../common/Choice.js';
import { Plain } from '../common/Plain.js';
import { words } from '../wording/all.js';
import { hereQuery } from './hereQuery.js';

/** Signs this device in for a site: once, by a member of staff. */
export default function SignInDevice() {
  const { data: begin } = useQuery(beginQuery);
  const [sites, setSites] = useState<readonly SiteChoice[]>([]);
  const { register, handleSubmit, setError, formState } = useForm<DeviceSignIn>({
    resolver: classValidatorResolver(DeviceSignIn),
    defaultValues: { email: '', password: '' },
  });
  const { errors, isSubmitting } = formState;

  const signIn = async (values: DeviceSignIn): Promise<void> => {
    try {
      await request('POST', 'device', values);
      await queryClient.invalidateQueries({ queryKey: hereQuery.queryKey });
    } catch (error) {
      setSites((error instanceof Refused && error.sites) || []);
      setError('root', { message: error instanceof Error ? error.message : String(error) });
    }
  };

  // Where there is no nursery yet, one is set up.
  if (begin?.isFirst && !begin.hasDemo) return <Navigate to="/set-up" replace />;
  return (
    <Plain
      title="Dotting"
      intro={words.entrance.once()}
      submitWords={words.entrance.signIn()}
      isSubmitting={isSubmitting}
      error={errors.root?.message}
      onSubmit={(event) => void handleSubmit(signIn)(event)}
      others={
        <>
          <Link to="/set-up">{begin?.isFirst ? words.begin.title() : words.begin.another()}</Link>
          <Link to="/pair">{words.begin.haveCode()}</Link>
          <Link to="/forgotten">{words.begin.forgotten()}</Link>
        </>
      }
    >
      <TextField
        label={words.entrance.email()}
        type="email"
        autoComplete="username"
        autoFocus
        error={!!errors.email}
        helperText={errors.email?.message}
        {...register('email')}
      />
      <TextField
        label={words.entrance.password()}
        type="password"
        autoComplete="current-password"
        error={!!errors.password}
        helperText={errors.password?.message}
        {...register('password')}
      />
      {sites.length > 0 && (
        <Choice
          label={words.begin.whichSite()}
          value={null}
          columns={1}
          options={sites.map(({ id, name }) => [id, name])}
          onChoose={(siteId) => void handleSubmit((values) => signIn({ ...values, siteId }))()}
        />
      )}
    </Plain>
  );
}
