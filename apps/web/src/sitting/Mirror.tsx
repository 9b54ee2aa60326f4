import { describeSet, type Item, type TraySet } from '@dotting/core';
import Box from '@mui/material/Box';
import { memo, useLayoutEffect, useMemo, useRef, type PointerEvent } from 'react';
import { palette } from '../app/theme.js';
import { asideFrom, mirrorSize, nearest, placesOf } from './mirrorLayout.js';
import { ThingShape } from './ThingShape.js';

interface MirrorProps {
  readonly set: Pick<TraySet, 'size' | 'things' | 'arrangement'>;
  /** A tap names the thing it touched; otherwise the whole mirror means the next thing. */
  readonly byThing: boolean;
  /** Changes with every tap, so that the frame can answer it. */
  readonly beat: number;
  readonly onNext: () => void;
  readonly onThing: (item: Item) => void;
}

/** The tray as it lies on the table: one large target for one word with one touch. */
export function Mirror({ set, byThing, beat, onNext, onThing }: MirrorProps) {
  const places = useMemo(() => placesOf(set.size, set.arrangement), [set.size, set.arrangement]);

  const answerRef = useRef<HTMLDivElement>(null);
  useLayoutEffect(() => {
    if (beat > 0) answerRef.current?.animate({ opacity: [1, 1, 0] }, { duration: 220, easing: 'step-end' });
  }, [beat]);

  const tap = (event: PointerEvent<SVGSVGElement>): void => {
    if (event.button !== 0) return;
    navigator.vibrate?.(12);
    if (!byThing) return onNext();
    const svg = event.currentTarget;
    const point = new DOMPoint(event.clientX, event.clientY).matrixTransform(svg.getScreenCTM()!.inverse());
    onThing(nearest(places, point.x, point.y));
  };

  return (
    <Box sx={frame}>
      <Box ref={answerRef} aria-hidden sx={answer} />
      <svg
        role="button"
        tabIndex={0}
        aria-label={`${describeSet(set)}: ${byThing ? 'touch the thing the child touched' : 'next thing, one word with one touch'}`}
        data-beat={beat}
        viewBox={`0 0 ${mirrorSize.width} ${mirrorSize.height}`}
        width="100%"
        height="100%"
        style={{
          touchAction: 'none',
          userSelect: 'none',
          cursor: 'pointer',
          display: 'block',
          borderRadius: 26,
        }}
        onPointerDown={tap}
        onKeyDown={(event) => {
          if (event.key !== 'Enter' && event.key !== ' ') return;
          event.preventDefault();
          event.stopPropagation();
          if (!event.repeat) onNext();
        }}
      >
        <Things set={set} />
      </svg>
    </Box>
  );
}

const frame = {
  position: 'relative',
  flex: 1,
  minHeight: 0,
  borderRadius: '28px',
  border: `2px solid ${palette.line}`,
  bgcolor: '#fffefb',
  overflow: 'hidden',
} as const;

/**
 * The frame answers each tap alike, without saying how many there were. A layer of its own, so that
 * answering paints nothing anew.
 */
const answer = {
  position: 'absolute',
  inset: 0,
  borderRadius: '26px',
  border: `4px solid ${palette.ink}`,
  pointerEvents: 'none',
  opacity: 0,
  willChange: 'opacity',
} as const;

const Things = memo(function Things({ set }: Pick<MirrorProps, 'set'>) {
  return (
    <>
      {set.arrangement === 'movable' && (
        <rect
          x={asideFrom}
          y={40}
          width={mirrorSize.width - asideFrom - 24}
          height={mirrorSize.height - 80}
          rx={24}
          fill="none"
          stroke={palette.line}
          strokeWidth={2}
          strokeDasharray="2 9"
          strokeLinecap="round"
        />
      )}
      {placesOf(set.size, set.arrangement).map(({ x, y, radius }, item) => (
        <g key={item} transform={`translate(${x} ${y}) scale(${radius})`}>
          <ThingShape things={set.things} />
        </g>
      ))}
    </>
  );
});
