import { choicesOf, type TraySet } from '@dotting/core';
import { describeSet } from '@dotting/words';
import Box from '@mui/material/Box';
import ButtonBase from '@mui/material/ButtonBase';
import { words } from '../../wording/all.js';
import { mirrorSize } from './mirrorLayout.js';
import { Sets } from './Sets.js';
import { ShowToChild } from './ShowToChild.js';
import { trayFrame } from './Things.js';

/** Sets to be compared, to be laid or shown to the child: nothing on it tells which is right. */
export function SideBySide({
  set,
  onAnswer,
}: {
  readonly set: TraySet;
  /** Null where it is no set that is to be taken. */
  readonly onAnswer: ((value: string) => void) | null;
}) {
  return (
    <Box sx={{ ...trayFrame, display: 'flex', flexDirection: 'column' }}>
      <svg
        role="img"
        aria-label={describeSet(words, set)}
        viewBox={`0 0 ${mirrorSize.width} ${mirrorSize.height}`}
        width="100%"
        style={{ flex: 1, minHeight: 0 }}
      >
        <Sets set={set} />
      </svg>
      <ShowToChild>
        {(close) => (
          <Turned
            set={set}
            onTaken={
              onAnswer &&
              ((value) => {
                close();
                onAnswer(value);
              })
            }
          />
        )}
      </ShowToChild>
    </Box>
  );
}

/** The whole screen for the child, who takes a set by a touch on its part. */
function Turned({
  set,
  onTaken,
}: {
  readonly set: TraySet;
  readonly onTaken: ((value: string) => void) | null;
}) {
  const { comparison } = set.layout!;
  return (
    <Box sx={{ position: 'relative', flex: 1, minHeight: 0, bgcolor: 'tray' }}>
      <svg aria-hidden viewBox={`0 0 ${mirrorSize.width} ${mirrorSize.height}`} width="100%" height="100%">
        <Sets set={set} />
      </svg>
      {onTaken && (
        <Box sx={{ position: 'absolute', inset: 0, display: 'flex' }}>
          {comparison!.sets.map((_, i) => {
            const name = choicesOf(comparison!)[i]!;
            return (
              <ButtonBase
                key={name}
                aria-label={words.events.choices[name as keyof typeof words.events.choices]()}
                onClick={() => onTaken(name)}
                sx={{ flex: 1 }}
              />
            );
          })}
        </Box>
      )}
    </Box>
  );
}
