import { placeableOf } from '@dotting/core';
import { placeWords } from '@dotting/words';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { KindView } from './view.js';
import { words } from '../../wording/words.js';

export const order: KindView = {
  // All look alike: none is the right one, and none is marked once it was told.
  Thumb: ({ task, set, onPlaced }) => (
    <Box
      role="group"
      aria-label={words.thumb.putNext()}
      sx={{ display: 'grid', gap: 0.75, alignContent: 'start' }}
    >
      {placeableOf(set).map((place) => (
        <Button key={`${task.id} ${place}`} onClick={() => onPlaced(place)} sx={{ minHeight: 48 }}>
          {placeWords(words, place, set)}
        </Button>
      ))}
    </Box>
  ),
  isStill: false,
  done: () => words.kinds.doneInOrder(),
  whole: null,
  strategies: () => [],
};
