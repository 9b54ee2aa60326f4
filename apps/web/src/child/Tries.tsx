import type { TrySummary } from '@dotting/contract';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { Link } from 'react-router';
import { sayMoment } from '../common/days.js';
import { Notice } from '../common/Notice.js';
import { slim, tight } from '../common/theme.js';
import { words } from '../wording/all.js';

interface TriesProps {
  readonly tries: readonly TrySummary[];
  readonly title: string;
  /** Present while only some of the tries are shown. */
  readonly onShowAll: (() => void) | undefined;
  /** Goes to the next number with tries, up or down the line. */
  readonly onStep: ((by: 1 | -1) => void) | undefined;
}

const atFirst = 6;

/** Tries in words, newest first: what was put, what was read, who recorded it. */
export function Tries({ tries, title, onShowAll, onStep }: TriesProps) {
  const [isLong, setIsLong] = useState(false);
  const shown = isLong ? tries : tries.slice(0, atFirst);
  return (
    <Box component="section" aria-label={words.child.tries()}>
      <Box sx={head}>
        <Typography variant="h2">{title}</Typography>
        <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
          {onStep && (
            <>
              <Button onClick={() => onStep(-1)}>{words.child.smaller()}</Button>
              <Button onClick={() => onStep(1)}>{words.child.larger()}</Button>
            </>
          )}
          {onShowAll && <Button onClick={onShowAll}>{words.child.allOfThem()}</Button>}
        </Box>
      </Box>
      {tries.length === 0 && <Notice>{words.child.noTries()}</Notice>}
      <ul>
        {shown.map((one) => (
          <Box
            component="li"
            key={one.id}
            sx={{
              py: 1,
              borderTop: 1,
              borderColor: 'sand',
              display: 'grid',
              gridTemplateColumns: '9.4rem minmax(0, 1fr) auto',
              gap: 2,
              [tight]: { gridTemplateColumns: '7rem minmax(0, 1fr) auto' },
              [slim]: { gridTemplateColumns: 'minmax(0, 1fr)', gap: 0.5 },
            }}
          >
            <Typography variant="body2" color="textSecondary">
              {sayMoment(one.startedAt)}
              <br />
              {one.recorder}
            </Typography>
            <Box>
              <Typography sx={{ fontWeight: 650 }}>{one.title}</Typography>
              <Typography variant="body2">{one.told}</Typography>
            </Box>
            <Button
              component={Link}
              to={`/tries/${one.id}`}
              aria-label={words.child.replayOf({ try: one.title })}
              sx={{ alignSelf: 'start' }}
            >
              {words.child.replay()}
            </Button>
          </Box>
        ))}
      </ul>
      {tries.length > atFirst && !isLong && (
        <Button onClick={() => setIsLong(true)}>{words.child.showMore({ n: tries.length - atFirst })}</Button>
      )}
    </Box>
  );
}

const head = {
  display: 'flex',
  flexWrap: 'wrap',
  alignItems: 'center',
  justifyContent: 'space-between',
  minHeight: 48,
} as const;
