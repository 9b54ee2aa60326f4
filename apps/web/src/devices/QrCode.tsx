import Box from '@mui/material/Box';
import { create } from 'qrcode';
import { words } from '../wording/all.js';

/** Light around it, so that a camera finds its edges. In modules. */
const quiet = 4;

/** An address for a camera to read. */
export function QrCode({ text }: { readonly text: string }) {
  const { modules } = create(text, { errorCorrectionLevel: 'M' });
  const { size, data } = modules;
  const dark = Array.from(data, (isDark, i) =>
    isDark ? `M${i % size} ${Math.floor(i / size)}h1v1h-1z` : '',
  );
  const whole = size + 2 * quiet;
  return (
    <Box
      component="svg"
      role="img"
      aria-label={words.devices.qrCode()}
      viewBox={`${-quiet} ${-quiet} ${whole} ${whole}`}
      shapeRendering="crispEdges"
      sx={{ width: 180, height: 180, flex: 'none', bgcolor: 'common.white', color: 'common.black' }}
    >
      <path d={dark.join('')} fill="currentColor" />
    </Box>
  );
}
