import type { TraySet } from '@dotting/core';
import { describeSet } from '@dotting/words';
import Box from '@mui/material/Box';
import { words } from '../../wording/all.js';
import { MirrorDrawing } from './MirrorDrawing.js';
import { RecordDrawing } from './RecordDrawing.js';
import { trayFrame } from './Things.js';

/** What is counted and put on record, or sorted: it takes no taps. */
export function RecordTray({ set, put }: { readonly set: TraySet; readonly put: readonly string[] }) {
  return (
    <Box sx={trayFrame}>
      <MirrorDrawing label={describeSet(words, set)}>
        <RecordDrawing set={set} put={put} />
      </MirrorDrawing>
    </Box>
  );
}
