import type { PairingView } from '@dotting/contract';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useMutation } from '@tanstack/react-query';
import { request } from '../api/http.js';
import { sayMoment } from '../common/days.js';
import { headingFont } from '../common/theme.js';
import { later } from '../common/later.js';
import { words } from '../wording/all.js';

const QrCode = later(async () => (await import('./QrCode.js')).QrCode);

/** Where another device finds this app; null where it is reached from this machine alone. */
function addressFor({ address }: PairingView): string | null {
  const { hostname, origin } = window.location;
  const isThisMachine = /^(localhost|127\.\d+\.\d+\.\d+|\[::1\])$/.test(hostname);
  return address ?? (isThisMachine ? null : origin);
}

/** The code, and where it is typed; a camera finds both. */
function How({ address, code }: { readonly address: string | null; readonly code: string }) {
  return (
    <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 2, alignItems: 'center' }}>
      <Box sx={{ flex: '1 1 18rem' }}>
        <Typography>
          {address === null ? words.devices.onlyHere() : words.devices.addHow({ address })}
        </Typography>
        <Typography sx={{ fontFamily: headingFont, fontSize: '2rem', letterSpacing: '0.1em' }}>
          {code}
        </Typography>
      </Box>
      {address !== null && <QrCode text={`${address}/pair#${code}`} />}
    </Box>
  );
}

/** A code by which another device is signed in, once: no password is typed where others can see it. */
export function Pairing() {
  const pairing = useMutation({ mutationFn: () => request<PairingView>('POST', 'devices/pairing') });
  return (
    <Box sx={{ mb: 2 }}>
      {pairing.error && <Alert>{pairing.error.message}</Alert>}
      {pairing.data && (
        <Box role="status" sx={{ bgcolor: 'brassPale', borderRadius: '14px', p: 2, mb: 1 }}>
          <How address={addressFor(pairing.data)} code={pairing.data.code} />
          <Typography variant="body2">
            {words.devices.addUntil({ moment: sayMoment(pairing.data.until) })}
          </Typography>
        </Box>
      )}
      <Button onClick={() => pairing.mutate()} disabled={pairing.isPending}>
        {pairing.data ? words.devices.addNew() : words.devices.add()}
      </Button>
    </Box>
  );
}
