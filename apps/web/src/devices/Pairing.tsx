import type { PairingView } from '@dotting/contract';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useMutation } from '@tanstack/react-query';
import { request } from '../api/http.js';
import { sayMoment } from '../common/days.js';
import { headingFont } from '../common/theme.js';
import { words } from '../wording/words.js';

/** A code by which another device is signed in, once: no password is typed where others can see it. */
export function Pairing() {
  const pairing = useMutation({ mutationFn: () => request<PairingView>('POST', 'devices/pairing') });
  return (
    <Box sx={{ mb: 2 }}>
      {pairing.error && <Alert>{pairing.error.message}</Alert>}
      {pairing.data && (
        <Box role="status" sx={{ bgcolor: 'brassPale', borderRadius: '14px', p: 2, mb: 1 }}>
          <Typography>{words.devices.addHow({ address: window.location.origin })}</Typography>
          <Typography sx={{ fontFamily: headingFont, fontSize: '2rem', letterSpacing: '0.1em' }}>
            {pairing.data.code}
          </Typography>
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
