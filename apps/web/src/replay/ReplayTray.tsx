import type { ReplayStep, TraySet } from '@dotting/core';
import { describeSet } from '@dotting/words';
import Box from '@mui/material/Box';
import { palette } from '../common/theme.js';
import { fieldWidth, Patterns } from '../childSide/Pattern.js';
import { mirrorSize, placesOf } from '../sitting/tray/mirrorLayout.js';
import { CardsDrawing } from '../sitting/tray/CardsDrawing.js';
import { RecordDrawing } from '../sitting/tray/RecordDrawing.js';
import { PartsDrawing } from '../sitting/tray/PartsDrawing.js';
import { Sets } from '../sitting/tray/Sets.js';
import { Things, trayFrame } from '../sitting/tray/Things.js';
import { sayEvent } from '../amending/sayEvent.js';
import { words } from '../wording/all.js';
import { ReplaySheet } from './ReplaySheet.js';

interface ReplayTrayProps {
  readonly set: TraySet;
  /** What has happened so far, the last of it just now. */
  readonly steps: readonly ReplayStep[];
  /** How many times as fast as it happened. */
  readonly speed: number;
}

/** The tray as it was, with the thing just touched ringed and the word just said beside it. */
export function ReplayTray({ set, steps, speed }: ReplayTrayProps) {
  if (set.layout?.writing) return <ReplaySheet set={set} steps={steps} speed={speed} />;
  return <ReplayThings set={set} steps={steps} />;
}

function ReplayThings({ set, steps }: Omit<ReplayTrayProps, 'speed'>) {
  const isPile = set.pile !== undefined && set.layout?.places === undefined;
  const laid = isPile ? { ...set, size: set.pile!, arrangement: 'movable' as const } : set;
  const places = placesOf(laid);
  const now = steps.at(-1);
  const place = now?.item === null || now === undefined ? undefined : places[now.item];
  const at = place ?? { x: mirrorSize.width / 2, y: mirrorSize.height - 70, radius: 20 };
  return (
    <Box sx={{ ...trayFrame, minHeight: 320 }}>
      <svg
        role="img"
        aria-label={describeSet(words, set)}
        viewBox={`0 0 ${mirrorSize.width} ${mirrorSize.height}`}
        width="100%"
        height="100%"
      >
        <Laid
          set={set}
          laid={laid}
          put={steps.flatMap(({ event }) => (event.kind === 'put' ? [event.place] : []))}
        />
        {place && (
          <circle cx={at.x} cy={at.y} r={at.radius + 9} fill="none" stroke={palette.ink} strokeWidth={4} />
        )}
        {now && (
          <text
            x={at.x}
            y={at.y - at.radius - 20}
            textAnchor="middle"
            fontSize={30}
            fontWeight={700}
            fill={palette.ink}
          >
            {sayEvent(now.event, set)}
          </text>
        )}
      </svg>
    </Box>
  );
}

/** What lay there, or was shown. */
function Laid({
  set,
  laid,
  put,
}: {
  readonly set: TraySet;
  readonly laid: TraySet;
  readonly put: readonly string[];
}) {
  const { comparison, patterns, parts, pairs, carry, cards, records, sorted } = set.layout ?? {};
  if (cards) return <CardsDrawing set={set} put={put} />;
  if (records || sorted) return <RecordDrawing set={set} put={put} />;
  if (parts || pairs || carry) return <PartsDrawing set={set} />;
  if (comparison) return <Sets set={set} />;
  if (!patterns) return <Things set={laid} />;
  const scale = Math.min(mirrorSize.width / fieldWidth(patterns.length), mirrorSize.height / 100) * 0.8;
  const [x, y] = [(mirrorSize.width - scale * fieldWidth(patterns.length)) / 2, 0.06 * mirrorSize.height];
  return (
    <g transform={`translate(${x} ${y}) scale(${scale})`}>
      <Patterns patterns={patterns} />
    </g>
  );
}
