import { placeableOf, type TraySet } from '@dotting/core';
import { describeSet, placeWords } from '@dotting/words';
import Box from '@mui/material/Box';
import ButtonBase from '@mui/material/ButtonBase';
import { words } from '../../wording/all.js';
import { gridOf } from './cards/grid.js';
import { CardsDrawing } from './CardsDrawing.js';
import { MirrorDrawing } from './MirrorDrawing.js';
import { mirrorSize } from './mirrorLayout.js';
import { ShowToChild } from './ShowToChild.js';
import { trayFrame } from './Things.js';

interface CardsTrayProps {
  readonly set: TraySet;
  readonly put: readonly string[];
  /** A card was taken, by its place; null where none is to be. */
  readonly onTaken: ((place: number) => void) | null;
}

/** Cards to be laid, or shown to the child, who takes one by a touch where one is to be taken. */
export function CardsTray({ set, put, onTaken }: CardsTrayProps) {
  const drawing = (
    <MirrorDrawing label={describeSet(words, set)}>
      <CardsDrawing set={set} put={put} />
    </MirrorDrawing>
  );
  const { kind } = set.layout!.cards!;
  const isAll = kind !== 'find';
  // What is felt lies on the table; what is to be written is not shown.
  const isForFingers = kind === 'feel' || kind === 'braille';
  return (
    <Box sx={{ ...trayFrame, display: 'flex', flexDirection: 'column' }}>
      <Box sx={{ flex: 1, minHeight: 0, position: 'relative' }}>
        {drawing}
        {onTaken && <Takeable set={set} put={put} onTaken={onTaken} />}
      </Box>
      {!isForFingers && (
        <ShowToChild>
          {(close) => (
            <Box sx={{ position: 'relative', flex: 1, minHeight: 0, bgcolor: 'tray' }}>
              {drawing}
              {onTaken && (
                <Takeable
                  set={set}
                  put={put}
                  onTaken={(place) => {
                    // Of several the child goes on taking.
                    if (!isAll) close();
                    onTaken(place);
                  }}
                />
              )}
            </Box>
          )}
        </ShowToChild>
      )}
    </Box>
  );
}

/** A button over each card. All look alike: none is the right one. */
function Takeable({ set, put, onTaken }: CardsTrayProps & { readonly onTaken: (place: number) => void }) {
  const grid = gridOf(placeableOf(set).length);
  const share = (of: number, whole: number): string => `${(100 * of) / whole}%`;
  return (
    <Box sx={fitted}>
      {grid.map(({ x, y, high }, i) => (
        <ButtonBase
          key={i}
          aria-label={placeWords(words, String(i), set)}
          disabled={put.includes(String(i))}
          onClick={() => onTaken(i)}
          sx={{
            position: 'absolute',
            left: share(x - 0.375 * high, mirrorSize.width),
            top: share(y - high / 2, mirrorSize.height),
            width: share(0.75 * high, mirrorSize.width),
            height: share(high, mirrorSize.height),
            borderRadius: '8px',
          }}
        />
      ))}
    </Box>
  );
}

/** As large as the drawing is within its box, and where that is. */
const fitted = {
  position: 'absolute',
  inset: 0,
  margin: 'auto',
  aspectRatio: `${mirrorSize.width} / ${mirrorSize.height}`,
  maxWidth: '100%',
  maxHeight: '100%',
} as const;
