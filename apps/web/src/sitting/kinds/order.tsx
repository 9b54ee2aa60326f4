import { placeableOf } from '@dotting/core';
import { placeWords } from '@dotting/words';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { KindView } from './view.js';
import { words } from '../../wording/words.js';

/** So many lie under one thumb. */
const inOneColumn = 6;

export const order: KindView = {
  // All look alike: none is the right one, and none is marked once it was told.
  Thumb: ({ task, set, onPlaced }) => {
    const places = placeableOf(set);
    return (
      <Box
        role="group"
        aria-label={words.thumb.putNext()}
        sx={{
          display: 'grid',
          gridTemplateColumns: places.length > inOneColumn ? '1fr 1fr' : '1fr',
          gap: 0.75,
          alignContent: 'start',
        }}
      >
        {places.map((place) => (
          <Button key={`${task.id} ${place}`} onClick={() => onPlaced(place)} sx={{ minHeight: 48 }}>
            {placeWords(words, place, set)}
          </Button>
        ))}
      </Box>
    );
  },
  isStill: false,
  done: () => words.kinds.doneInOrder(),
  whole: null,
  strategies: () => [],
};
