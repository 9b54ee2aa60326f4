import { cellOf, isCell } from '@dotting/core';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { target } from '../../common/theme.js';
import { words } from '../../wording/all.js';

interface BrailleKeysProps {
  readonly put: readonly string[];
  readonly onPlaced: (cell: string) => void;
}

/** As they lie under the fingers of a brailler: 3 2 1 for the left hand, 4 5 6 for the right. Two by three here. */
const inRows = [1, 4, 2, 5, 3, 6] as const;

/** What a child writes in braille: the dots of a cell one by one, or cells typed as they are. */
export function BrailleKeys({ put, onPlaced }: BrailleKeysProps) {
  const [dots, setDots] = useState<ReadonlySet<number>>(new Set());
  const keep = (): void => {
    onPlaced(cellOf([...dots]));
    setDots(new Set());
  };
  return (
    <Box sx={{ display: 'grid', gap: 1, alignContent: 'start' }}>
      <Typography variant="body2" color="textSecondary">
        {put.length === 0 ? words.thumb.noCells() : words.thumb.cells({ cells: put.join('') })}
      </Typography>
      <Box
        role="group"
        aria-label={words.thumb.keys()}
        sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 1 }}
      >
        {inRows.map((dot) => (
          <Button
            key={dot}
            aria-pressed={dots.has(dot)}
            aria-label={words.thumb.dot({ n: dot })}
            onClick={() =>
              setDots(
                dots.has(dot) ? new Set([...dots].filter((one) => one !== dot)) : new Set([...dots, dot]),
              )
            }
            sx={{ minHeight: target.sitting, fontSize: '1.3rem' }}
          >
            {dot}
          </Button>
        ))}
      </Box>
      <Button size="large" disabled={dots.size === 0} onClick={keep}>
        {words.thumb.keepCell()}
      </Button>
      <Typed onPlaced={onPlaced} />
    </Box>
  );
}

/** Cells from a braille display, or pasted: all of those typed, one after the other. */
function Typed({ onPlaced }: Pick<BrailleKeysProps, 'onPlaced'>) {
  const [typed, setTyped] = useState('');
  const isWrong = typed !== '' && ![...typed].every(isCell);
  return (
    <Box
      component="form"
      onSubmit={(event) => {
        event.preventDefault();
        if (isWrong) return;
        for (const cell of typed) onPlaced(cell);
        setTyped('');
      }}
    >
      <TextField
        size="small"
        fullWidth
        label={words.thumb.typeCell()}
        value={typed}
        error={isWrong}
        helperText={isWrong ? words.thumb.badCell() : undefined}
        onChange={(event) => setTyped(event.target.value.trim().slice(0, 8))}
      />
    </Box>
  );
}
