import { amountOf, type TraySet } from '@dotting/core';
import Box from '@mui/material/Box';
import { mirrorSize } from './mirrorLayout.js';
import { Things, trayFrame } from './Things.js';

/** What lies on the tray where no touch of it is taken down. */
export function Still({ set }: { readonly set: Pick<TraySet, 'size' | 'things' | 'arrangement'> }) {
  return (
    <Box sx={trayFrame}>
      <svg
        role="img"
        aria-label={amountOf(set.size, set.things)}
        viewBox={`0 0 ${mirrorSize.width} ${mirrorSize.height}`}
        width="100%"
        height="100%"
      >
        <Things set={set} seed={0} />
      </svg>
    </Box>
  );
}
