import type { Digit, InkStroke } from '@dotting/core';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogTitle from '@mui/material/DialogTitle';
import { useCallback, useState } from 'react';
import { words } from '../wording/all.js';
import { Pad } from '../writing/Pad.js';

interface DrawFormProps {
  readonly digit: Digit;
  readonly onDrawn: (strokes: readonly InkStroke[]) => void;
  readonly onLeave: () => void;
}

/** No digit has more strokes. */
const most = 4;

/** A digit drawn as the room forms it: from where the hand begins, stroke by stroke. */
export function DrawForm({ digit, onDrawn, onLeave }: DrawFormProps) {
  const [strokes, setStrokes] = useState<readonly InkStroke[]>([]);
  const onStroke = useCallback(
    (points: InkStroke) => setStrokes((before) => [...before, points].slice(0, most)),
    [],
  );
  const title = words.schools.drawIt({ digit: String(digit) });
  return (
    <Dialog open onClose={onLeave} aria-label={title}>
      <DialogTitle>{title}</DialogTitle>
      <Box
        sx={{ width: 'min(30rem, 80vw)', height: 'min(24rem, 55vh)', mx: 3, border: 1, borderColor: 'line' }}
      >
        <Pad
          writing={{ n: digit, way: 'write', guide: 'none', ruled: true }}
          strokes={strokes}
          label={title}
          onStroke={onStroke}
        />
      </Box>
      <DialogActions>
        <Button disabled={strokes.length === 0} onClick={() => setStrokes(strokes.slice(0, -1))}>
          {words.sitting.undo()}
        </Button>
        <Button onClick={onLeave}>{words.common.cancel()}</Button>
        <Button
          variant="contained"
          color="primary"
          disabled={strokes.length === 0}
          onClick={() => onDrawn(strokes)}
        >
          {words.schools.useIt()}
        </Button>
      </DialogActions>
    </Dialog>
  );
}
