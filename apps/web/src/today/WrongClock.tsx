import { useSyncExternalStore } from 'react';
import { deviceClock } from '../api/clock.js';
import { later } from '../common/later.js';
import { words } from '../wording/words.js';

const Alert = later(async () => (await import('@mui/material/Alert')).default);

const minuteMs = 60_000;

/** Says that this device's clock is wrong; what is recorded on it is placed by the server's all the same. */
export function WrongClock() {
  const behindMs = useSyncExternalStore(deviceClock.subscribe, deviceClock.read);
  if (behindMs === 0) return null;
  const minutes = Math.round(Math.abs(behindMs) / minuteMs);
  return (
    <Alert severity="warning" sx={{ mb: 2, displayPrint: 'none' }}>
      {words.today.wrongClock({ which: behindMs > 0 ? 'slow' : 'fast', minutes })}
    </Alert>
  );
}
