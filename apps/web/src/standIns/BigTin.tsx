import { dropTimes, type StandInSetup } from '@dotting/core';
import { useMemo, useRef } from 'react';
import { readySound, soundDrop } from '../common/dropSound.js';
import { materials, palette } from '../common/theme.js';
import { useSteps } from '../common/useSteps.js';
import { words } from '../wording/all.js';
import { OneButton } from './OneButton.js';

const beforeFirstMs = 700;
const lampMs = 260;

/** A tin: a tap lets the things fall, heard, seen as light, or both. */
export function BigTin({ setup }: { readonly setup: StandInSetup }) {
  const { tells } = setup;
  const lamp = useRef<SVGCircleElement>(null);
  const times = useMemo(() => dropTimes(setup).map((ms) => ms + beforeFirstMs), [setup]);
  const steps = useSteps(times, () => {
    if (tells !== 'light') soundDrop('usual');
    // At most two a second: nothing blinks faster.
    if (tells !== 'sound')
      lamp.current?.animate({ opacity: [1, 1, 0] }, { duration: lampMs, easing: 'step-end' });
  });
  const play = (): void => {
    if (steps.isPlaying) return;
    if (tells !== 'light') readySound();
    steps.play();
  };
  return (
    <OneButton label={words.standIns.drop()} shows="" onPress={play}>
      <svg viewBox="-110 -110 220 220" data-dropped={steps.done} aria-hidden>
        <circle ref={lamp} r={104} fill={materials.tinLit} stroke={palette.ink} strokeWidth={4} opacity={0} />
        <path
          d="M-60 -40V50C-60 66 -30 76 0 76C30 76 60 66 60 50V-40"
          fill={materials.tin}
          stroke={palette.ink}
          strokeWidth={4}
        />
        <ellipse cy={-40} rx={60} ry={18} fill={materials.tinTop} stroke={palette.ink} strokeWidth={4} />
      </svg>
    </OneButton>
  );
}
