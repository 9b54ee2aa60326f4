import { PageTitle } from '../common/PageTitle.js';
import type { Device } from '@dotting/contract';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useMutation, useQuery } from '@tanstack/react-query';
import { request } from '../api/http.js';
import { devicesQuery, queryClient } from '../api/queries.js';
import { sayMoment } from '../common/days.js';
import { Loading } from '../common/Loading.js';
import { Notice } from '../common/Notice.js';
import { outbox, useWaiting } from '../outbox/outbox.js';
import { words } from '../wording/all.js';
import { Pairing } from './Pairing.js';

/** The devices signed in for the site; the lead can end any of them at once. */
export function DevicesPage() {
  const { data, error, refetch } = useQuery(devicesQuery);
  const refused = useWaiting().refused.length;
  const revoke = useMutation({
    mutationFn: async (device: Device) => {
      if (device.isThis && !(await outbox.deliver())) throw new Error(words.devices.stillSending());
      await request('DELETE', `devices/${device.id}`);
    },
    onSuccess: () => queryClient.invalidateQueries(),
  });
  if (!data) return error ? <Notice onRetry={() => void refetch()}>{error.message}</Notice> : <Loading />;
  return (
    <Box sx={{ maxWidth: 760 }}>
      <PageTitle>{words.settings.devices()}</PageTitle>
      <Typography color="textSecondary" sx={{ mb: 2 }}>
        {words.devices.intro()} {refused > 0 && words.devices.refusedToo({ n: refused })}
      </Typography>
      <Pairing />
      {revoke.error && <Alert>{revoke.error.message}</Alert>}
      <ul>
        {data.map((device) => (
          <Box
            component="li"
            key={device.id}
            sx={{
              display: 'flex',
              alignItems: 'center',
              gap: 2,
              py: 1,
              borderTop: 1,
              borderColor: 'sand',
            }}
          >
            <Typography sx={{ flex: 1 }}>
              {words.devices.signedInBy({ name: device.signedInBy, moment: sayMoment(device.signedInAt) })}
              <Typography component="span" variant="body2" color="textSecondary" sx={{ display: 'block' }}>
                {device.isThis
                  ? words.devices.thisOne()
                  : words.devices.lastSeen({ moment: sayMoment(device.lastSeenAt) })}
              </Typography>
            </Typography>
            <Button onClick={() => revoke.mutate(device)} disabled={revoke.isPending}>
              {words.devices.signOut()}
            </Button>
          </Box>
        ))}
      </ul>
    </Box>
  );
}
