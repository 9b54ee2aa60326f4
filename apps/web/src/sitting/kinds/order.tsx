import { placeableOf, slotsOf } from '@dotting/core';
import { placeWords } from '@dotting/words';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import type { ThumbColumnProps } from '../thumb/props.js';
import { Slots } from '../thumb/Slots.js';
import type { KindView } from './view.js';
import { later } from '../../common/later.js';
import { words } from '../../wording/all.js';

const BrailleKeys = later(async () => (await import('../thumb/BrailleKeys.js')).BrailleKeys);

/** So many lie under one thumb. */
const inOneColumn = 6;

export const order: KindView = {
  Thumb: (props) => {
    const { set, put, onPlaced } = props;
    if (slotsOf(set)) return <Slots set={set} put={put} onPlaced={onPlaced} />;
    if (set.layout?.cards?.kind === 'braille') return <BrailleKeys put={put} onPlaced={onPlaced} />;
    // What lies there as cards is taken on the tray.
    return set.layout?.cards ? <Typography>{words.thumb.tapTaken()}</Typography> : <Ways {...props} />;
  },
  isStill: false,
  done: () => words.kinds.doneInOrder(),
  whole: null,
  strategies: () => [],
};

/** The ways to make a number. All look alike: none is the right one, and none is marked once it was told. */
function Ways({ task, set, onPlaced }: ThumbColumnProps) {
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
}
