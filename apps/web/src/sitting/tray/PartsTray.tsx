import type { TraySet } from '@dotting/core';
import { describeSet } from '@dotting/words';
import Box from '@mui/material/Box';
import { words } from '../../wording/all.js';
import { MirrorDrawing } from './MirrorDrawing.js';
import { PartsDrawing } from './PartsDrawing.js';
import { trayFrame } from './Things.js';

/** What is taken apart, paired or carried on, as it is laid: it takes no taps. */
export function PartsTray({ set }: { readonly set: TraySet }) {
  return (
    <Box sx={trayFrame}>
      <MirrorDrawing label={describeSet(words, set)}>
        <PartsDrawing set={set} />
      </MirrorDrawing>
    </Box>
  );
}
