import type { ShowBody } from '@dotting/contract';
import { seededRandom } from '@dotting/core';
import Box from '@mui/material/Box';
import { useEffect, useEffectEvent, useRef } from 'react';
import { palette } from '../common/theme.js';
import { fieldWidth, Patterns } from './Pattern.js';
import { playFlash } from './playFlash.js';

interface StageProps {
  readonly show: ShowBody | null;
  /** For how long they stood there, in ms, once they are covered again. */
  readonly onShown: (id: number, ms: number) => void;
}

/** Nothing but what the child is to see: for a moment and covered, or for as long as nothing else is told. */
export function Stage({ show, onShown }: StageProps) {
  const ready = useRef<SVGCircleElement>(null);
  const dots = useRef<SVGGElement>(null);
  const mask = useRef<SVGGElement>(null);
  const shown = useEffectEvent(onShown);
  const id = show?.id ?? 0;
  const ms = show?.ms ?? null;
  useEffect(() => {
    if (id === 0 || ms === null) return;
    let isGone = false;
    void playFlash({ ready: ready.current!, dots: dots.current!, mask: mask.current! }, ms).then((stood) => {
      if (!isGone) shown(id, Math.round(stood));
    });
    return () => {
      isGone = true;
    };
  }, [id, ms]);
  const patterns = show?.patterns ?? [];
  const width = fieldWidth(patterns.length);
  return (
    <Box sx={{ flex: 1, minHeight: 0, bgcolor: 'tray', display: 'grid', placeItems: 'center', p: 2 }}>
      <svg
        key={id}
        aria-hidden
        data-stage={id}
        viewBox={`0 0 ${width} 100`}
        width="100%"
        height="100%"
        style={{ minHeight: 0 }}
      >
        <circle
          ref={ready}
          visibility="hidden"
          cx={width / 2}
          cy={50}
          r={3}
          fill="none"
          stroke={palette.ink}
          strokeWidth={1}
        />
        <g ref={dots} style={{ visibility: ms === null ? 'visible' : 'hidden' }}>
          <Patterns patterns={patterns} />
        </g>
        <g ref={mask} visibility="hidden">
          {cover.map(({ x, y, r }) => (
            <circle key={`${x} ${y}`} cx={x} cy={y} r={r} fill={palette.ink} />
          ))}
        </g>
      </svg>
    </Box>
  );
}

const coverSeed = 7;

/** Dots all over, always the same: they tell nothing. */
const cover = (() => {
  const random = seededRandom(coverSeed);
  return Array.from({ length: 90 }, (_, i) => ({
    x: (i % 10) * 10 + 10 * random(),
    y: Math.floor(i / 10) * 11 + 11 * random(),
    r: 2.5 + 3.5 * random(),
  }));
})();
