import { wordFor, type NumberWords, type PuppetCount, type TraySet } from '@dotting/core';
import { describeSet } from '@dotting/words';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useEffect, useEffectEvent } from 'react';
import { materials, palette } from '../../common/theme.js';
import { mirrorSize, placesOf } from '../tray/mirrorLayout.js';
import { Things, trayFrame } from '../tray/Things.js';
import { useSteps } from '../../common/useSteps.js';
import { Otter } from './Otter.js';
import { canSpeak, speak } from './speak.js';
import { words } from '../../wording/all.js';

interface PuppetStageProps {
  readonly set: TraySet;
  readonly puppet: PuppetCount;
  readonly numberWords: NumberWords;
  /** Changes when a key asks for it to be played. */
  readonly asked: number;
}

const stepMs = 1_100;
const resting = { x: 110, y: 430 } as const;

/** A puppet counts, with a slip or without; the child may watch. Played as often as asked for. */
export function PuppetStage({ set, puppet, numberWords, asked }: PuppetStageProps) {
  const steps = useSteps(
    puppet.words.map((_, i) => 600 + i * stepMs),
    (i) => speak(wordFor(numberWords, puppet.words[i]!), numberWords.tag),
  );
  const playAsked = useEffectEvent(steps.play);
  useEffect(() => {
    if (asked > 0) playAsked();
  }, [asked]);
  const places = placesOf({ ...set, size: set.size });
  const now = steps.done - 1;
  const touched = steps.isPlaying || steps.done > 0 ? places[puppet.touches[now] ?? -1] : undefined;
  const word = now >= 0 ? puppet.words[now] : undefined;
  return (
    <Box sx={{ ...trayFrame, display: 'flex', flexDirection: 'column' }}>
      <svg
        role="img"
        aria-label={
          puppet.touches.length > 0
            ? words.puppet.counts({ what: describeSet(words, set) })
            : words.puppet.says()
        }
        viewBox={`0 0 ${mirrorSize.width} ${mirrorSize.height}`}
        width="100%"
        style={{ flex: 1, minHeight: 0 }}
      >
        <Things set={set} />
        <Otter
          at={places.length > 0 ? resting : { x: mirrorSize.width / 2, y: 300 }}
          large={places.length === 0}
        />
        {touched && (
          <g
            data-touched={puppet.touches[now]}
            style={{
              transform: `translate(${touched.x}px, ${touched.y + touched.radius + 12}px)`,
              transition: 'transform 300ms',
            }}
          >
            <ellipse rx={17} ry={13} cy={10} fill={materials.furDark} />
            <path
              d="M-10 2L-12 -6M0 -2V-10M10 2L12 -6"
              stroke={materials.furDark}
              strokeWidth={7}
              strokeLinecap="round"
            />
          </g>
        )}
        {word !== undefined && (
          <text
            x={mirrorSize.width / 2}
            y={120}
            textAnchor="middle"
            fontSize={44}
            fill={palette.ink}
            direction={numberWords.rightToLeft ? 'rtl' : 'ltr'}
          >
            {wordFor(numberWords, word)}
          </text>
        )}
      </svg>
      <Box sx={{ display: 'flex', gap: 2, alignItems: 'center', px: 2, pb: 1.5 }}>
        <Button size="large" sx={{ minWidth: 170 }} onClick={steps.play} data-played={steps.done}>
          {steps.isPlaying
            ? words.puppet.counting()
            : steps.done > 0
              ? words.puppet.again()
              : words.puppet.start()}
        </Button>
        <Typography variant="body2" color="textSecondary">
          {canSpeak(numberWords.tag) ? words.puppet.spoken() : words.puppet.sayYourself()}
        </Typography>
      </Box>
    </Box>
  );
}
