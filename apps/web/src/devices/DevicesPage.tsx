import type { Device } from '@dotting/contract';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { queryOptions, useMutation, useQuery } from '@tanstack/react-query';
import { request } from '../api/http.js';
import { queryClient } from '../api/queries.js';
import { sayMoment } from '../app/days.js';
import { Notice } from '../app/Notice.js';
import { palette } from '../app/theme.js';
import { outbox, useWaiting } from '../outbox/outbox.js';

const devicesQuery = queryOptions({
  queryKey: ['devices'],
  queryFn: () => request<Device[]>('GET', 'devices'),
});

const stillToSend =
  'This device still has tries to send, and the server does not take them now. Nothing was signed out; try again.';

/** The devices signed in for the site; the lead can end any of them at once. */
export function DevicesPage() {
  const { data, error, refetch } = useQuery(devicesQuery);
  const refused = useWaiting().refused.length;
  const revoke = useMutation({
    mutationFn: async (device: Device) => {
      if (device.isThis && !(await outbox.deliver())) throw new Error(stillToSend);
      await request('DELETE', `devices/${device.id}`);
    },
    onSuccess: () => queryClient.invalidateQueries(),
  });
  if (error) return <Notice onRetry={() => void refetch()}>{error.message}</Notice>;
  if (!data) return null;
  return (
    <Box sx={{ maxWidth: 760 }}>
      <Typography variant="h1">Signed-in devices</Typography>
      <Typography color="textSecondary" sx={{ mb: 2 }}>
        A device signed out here stops at its next request, wherever it is, and forgets the children. Tries it
        has not sent yet are sent first.
        {refused > 0 &&
          ` On this device the server refused ${refused === 1 ? 'a try, which is' : `${refused} tries, which are`} forgotten with it: see Today.`}
      </Typography>
      {revoke.error && <Typography role="alert">{revoke.error.message}</Typography>}
      <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0 }}>
        {data.map((device) => (
          <Box
            component="li"
            key={device.id}
            sx={{
              display: 'flex',
              alignItems: 'center',
              gap: 2,
              py: 1,
              borderTop: `1px solid ${palette.sand}`,
            }}
          >
            <Typography sx={{ flex: 1 }}>
              Signed in by {device.signedInBy}, {sayMoment(device.signedInAt)}
              <Typography component="span" variant="body2" color="textSecondary" sx={{ display: 'block' }}>
                {device.isThis ? 'this device' : `last seen ${sayMoment(device.lastSeenAt)}`}
              </Typography>
            </Typography>
            <Button onClick={() => revoke.mutate(device)} disabled={revoke.isPending}>
              Sign out
            </Button>
          </Box>
        ))}
      </Box>
    </Box>
  );
}
