import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useEffect, useEffectEvent, useRef, useState } from 'react';
import { materials, palette } from '../../common/theme.js';
import { Choice } from '../../common/Choice.js';
import { useSteps } from '../../common/useSteps.js';
import { readySound, soundDrop, type Loudness } from '../../common/dropSound.js';
import { words } from '../../wording/all.js';

interface TinProps {
  /** ms from the beginning to each drop. */
  readonly drops: readonly number[];
  /** Begins with light instead of sound, for a child who does not hear. */
  readonly silent: boolean;
  /** Changes when a key asks for it to be played. */
  readonly asked: number;
}

type Way = Loudness | 'light';
const ways: readonly Way[] = ['softly', 'usual', 'loudly', 'light'];
const beforeFirstMs = 700;

/** Drops things into a tin, unseen; as often as it is asked for, always the same. */
export function Tin({ drops, silent, asked }: TinProps) {
  const [way, setWay] = useState<Way>(silent ? 'light' : 'usual');
  const light = useRef<HTMLDivElement>(null);
  const steps = useSteps(
    drops.map((ms) => ms + beforeFirstMs),
    () => {
      if (way !== 'light') return soundDrop(way);
      // At most two a second: nothing blinks faster.
      light.current?.animate({ opacity: [1, 1, 0] }, { duration: 260, easing: 'step-end' });
    },
  );
  const play = (): void => {
    if (way !== 'light') readySound();
    steps.play();
  };
  const playAsked = useEffectEvent(play);
  useEffect(() => {
    if (asked > 0) playAsked();
  }, [asked]);
  return (
    <Box sx={{ display: 'flex', alignItems: 'end', gap: 1.5 }}>
      <Box sx={{ position: 'relative', width: 64, height: 56, flexShrink: 0 }}>
        <svg viewBox="0 0 64 56" width="64" height="56" aria-hidden>
          <ellipse
            cx={32}
            cy={12}
            rx={26}
            ry={8}
            fill={materials.tinTop}
            stroke={palette.inkSoft}
            strokeWidth={2}
          />
          <path
            d="M6 12V44C6 49 18 52 32 52C46 52 58 49 58 44V12"
            fill={materials.tin}
            stroke={palette.inkSoft}
            strokeWidth={2}
          />
        </svg>
        <Box ref={light} aria-hidden sx={{ ...lamp, opacity: 0 }} />
      </Box>
      <Button
        size="large"
        sx={{ minWidth: 150 }}
        onClick={play}
        aria-disabled={steps.isPlaying}
        data-dropped={steps.done}
      >
        {steps.isPlaying ? words.tin.dropping() : steps.done > 0 ? words.tin.dropAgain() : words.tin.drop()}
      </Button>
      <Box sx={{ flex: 1, minWidth: 0 }}>
        <Choice
          label={words.tin.how()}
          value={way}
          options={ways.map((one) => [one, words.tin.ways[one]()])}
          onChoose={setWay}
        />
      </Box>
    </Box>
  );
}

const lamp = {
  position: 'absolute',
  inset: -4,
  borderRadius: '50%',
  bgcolor: materials.tinLit,
  border: `4px solid ${palette.ink}`,
} as const;
