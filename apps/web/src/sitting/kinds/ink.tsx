import Typography from '@mui/material/Typography';
import { Slots } from '../thumb/Slots.js';
import { words } from '../../wording/all.js';
import type { KindView } from './view.js';

export const ink: KindView = {
  Thumb: ({ set, put, onPlaced }) => (
    <>
      <Typography variant="body2" sx={{ mb: 1 }}>
        {words.thumb.onPaper()}
      </Typography>
      <Slots set={set} put={put} onPlaced={onPlaced} />
    </>
  ),
  isStill: false,
  done: () => words.kinds.doneWriting(),
  whole: null,
  strategies: () => [],
};
