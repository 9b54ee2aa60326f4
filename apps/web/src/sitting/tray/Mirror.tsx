import { isEmpty, type Item } from '@dotting/core';
import { describeSet } from '@dotting/words';
import Box from '@mui/material/Box';
import { useLayoutEffect, useMemo, useRef, type PointerEvent, type ReactNode } from 'react';
import { palette } from '../../common/theme.js';
import { mirrorSize, nearest, placesOf, type LaidSet } from './mirrorLayout.js';
import { Things, trayFrame } from './Things.js';
import { words } from '../../wording/all.js';

interface MirrorProps {
  readonly set: LaidSet;
  /** What lies there is a pile that things are taken from, drawn as it lies. */
  readonly lying?: ReactNode;
  /** What a tap on it means, where it is not said by how things lie. */
  readonly meaning?: string;
  /** Things are being put one to a place: a tap puts the next. */
  readonly isPutting: boolean;
  /** The number the child is to reach. */
  readonly target: number;
  /** A tap names the thing it touched; otherwise the whole mirror means the next thing. */
  readonly byThing: boolean;
  /** Changes with every tap, so that the frame can answer it. */
  readonly beat: number;
  readonly onNext: () => void;
  readonly onThing: (item: Item) => void;
}

/** The tray as it lies on the table: one large target for one word with one touch. */
export function Mirror({
  set,
  lying,
  meaning,
  isPutting,
  target,
  byThing,
  beat,
  onNext,
  onThing,
}: MirrorProps) {
  const places = useMemo(() => placesOf(set), [set]);

  const answerRef = useRef<HTMLDivElement>(null);
  useLayoutEffect(() => {
    if (beat > 0 && !matchMedia('(prefers-reduced-motion: reduce)').matches)
      answerRef.current?.animate({ opacity: [1, 1, 0] }, { duration: 220, easing: 'step-end' });
  }, [beat]);

  const tap = (event: PointerEvent<SVGSVGElement>): void => {
    if (event.button !== 0) return;
    navigator.vibrate?.(12);
    if (!byThing || places.length === 0) return onNext();
    const svg = event.currentTarget;
    const point = new DOMPoint(event.clientX, event.clientY).matrixTransform(svg.getScreenCTM()!.inverse());
    onThing(nearest(places, point.x, point.y));
  };

  return (
    <Box sx={trayFrame}>
      <Box ref={answerRef} aria-hidden sx={answer} />
      <svg
        role="button"
        tabIndex={0}
        aria-label={`${describeSet(words, set, target)}: ${meaning ?? meaningOf(set, isPutting, byThing)}`}
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
        {lying ?? <Things set={set} inDish={isPutting} />}
        {places.length === 0 && !lying && (
          <text
            x={mirrorSize.width / 2}
            y={mirrorSize.height / 2}
            textAnchor="middle"
            fill={palette.inkSoft}
            fontSize={20}
          >
            {isEmpty(set)
              ? words.tray.nothingLies()
              : set.arrangement === 'heard'
                ? words.tray.tapEachNumber()
                : words.tray.tapEachSaid()}
          </text>
        )}
      </svg>
    </Box>
  );
}

/** What a tap means. */
function meaningOf(set: LaidSet, isPutting: boolean, byThing: boolean): string {
  if (isPutting) return words.tray.tapNextPlace();
  if (set.arrangement === 'none' || set.arrangement === 'heard') return words.tray.tapNextWord();
  return byThing ? words.tray.tapTouched() : words.tray.tapNextThing();
}

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
