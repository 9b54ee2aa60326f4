import {
  filled,
  nextSlot,
  openOptions,
  placeIn,
  slotsOf,
  type FilledSlot,
  type TraySet,
} from '@dotting/core';
import { optionWords, slotWords } from '@dotting/words';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { target } from '../../common/theme.js';
import { words } from '../../wording/all.js';

interface SlotsProps {
  readonly set: TraySet;
  readonly put: readonly string[];
  readonly onPlaced: (place: string) => void;
}

/** So many numbers stand in lines of four. */
const short = 3;

/**
 * What is put or told, one after the other: of sets, letters or kinds in any order, and put right where they stand; what
 * comes next in a row as it comes. All look alike: none is the right one.
 */
export function Slots({ set, put, onPlaced }: SlotsProps) {
  const slots = filled(slotsOf(set)!, put);
  const [chosen, setChosen] = useState<string | null>(null);
  const named = slots.filter(({ about }) => about !== '');
  const open = named.find(({ about }) => about === chosen) ?? nextSlot(set, put);
  return (
    <Box sx={{ display: 'grid', gap: 1, alignContent: 'start' }}>
      {named.length > 1 && <Chosen slots={named} set={set} open={open?.about ?? null} onChoose={setChosen} />}
      {open === null ? (
        <Typography>{words.thumb.allDone()}</Typography>
      ) : (
        <>
          <Typography variant="body2" color="textSecondary">
            {slotWords(words, open, set)}
          </Typography>
          <Box
            role="group"
            aria-label={slotWords(words, open, set)}
            sx={{
              display: 'grid',
              gridTemplateColumns: `repeat(${open.options.length > short ? 4 : 1}, minmax(0, 1fr))`,
              gap: 0.75,
            }}
          >
            {openOptions(set, open, put).map((option) => (
              <Button
                key={`${open.about} ${option}`}
                onClick={() => {
                  setChosen(null);
                  onPlaced(placeIn(open, option));
                }}
                sx={{
                  minWidth: 0,
                  px: 0.5,
                  minHeight: target.sitting,
                  fontSize: '1.05rem',
                  // A word among numbers has no room in their columns.
                  ...(/\D/.test(option) && { gridColumn: '1 / -1' }),
                }}
              >
                {optionWords(words, option)}
              </Button>
            ))}
          </Box>
        </>
      )}
    </Box>
  );
}

/** What there is to tell, with what was told of it. */
function Chosen({
  slots,
  set,
  open,
  onChoose,
}: {
  readonly slots: readonly FilledSlot[];
  readonly set: TraySet;
  readonly open: string | null;
  readonly onChoose: (about: string) => void;
}) {
  return (
    <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.5 }}>
      {slots.map((slot) => (
        <Button
          key={slot.about}
          aria-pressed={slot.about === open}
          onClick={() => onChoose(slot.about)}
          sx={{ minWidth: 0, px: 1, minHeight: 48, fontSize: '0.85rem', lineHeight: 1.15 }}
        >
          {slotWords(words, slot, set)}
          {slot.put !== null && `: ${optionWords(words, slot.put)}`}
        </Button>
      ))}
    </Box>
  );
}
