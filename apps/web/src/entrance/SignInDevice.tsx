import { DeviceSignIn } from '@dotting/contract';
import { classValidatorResolver } from '@hookform/resolvers/class-validator';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useForm } from 'react-hook-form';
import { request } from '../api/http.js';
import { queryClient } from '../api/queries.js';
import { hereQuery } from './hereQuery.js';
import { words } from '../wording/words.js';

/** Signs this device in for a site: once, by a member of staff. */
export default function SignInDevice() {
  const { register, handleSubmit, setError, formState } = useForm<DeviceSignIn>({
    resolver: classValidatorResolver(DeviceSignIn),
    defaultValues: { email: '', password: '' },
  });
  const { errors, isSubmitting } = formState;

  const signIn = handleSubmit(async (values) => {
    try {
      await request('POST', 'device', values);
      await queryClient.invalidateQueries({ queryKey: hereQuery.queryKey });
    } catch (error) {
      setError('root', { message: error instanceof Error ? error.message : String(error) });
    }
  });

  return (
    <Box
      component="main"
      sx={{ minHeight: '100%', display: 'grid', placeItems: 'center', bgcolor: 'paper', p: 3 }}
    >
      <Box
        component="form"
        noValidate
        onSubmit={(event) => void signIn(event)}
        sx={{ width: 'min(440px, 100%)', display: 'grid', gap: 2.5 }}
      >
        <Typography variant="h1">Dotting</Typography>
        <Typography color="textSecondary">{words.entrance.once()}</Typography>
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
        {errors.root && <Alert>{errors.root.message}</Alert>}
        <Button type="submit" variant="contained" color="primary" disabled={isSubmitting} size="large">
          {words.entrance.signIn()}
        </Button>
      </Box>
    </Box>
  );
}
