import { Numeral } from '../common/Numeral.js';
import { leanOf, settlesIn, swingAt, type Weighed } from '@dotting/core';
import { useEffect, useRef, useState, type RefObject } from 'react';
import { Pattern } from '../childSide/Pattern.js';
import { materials, palette } from '../common/theme.js';

const arm = 150;
const post = { x: 250, top: 90, foot: 380 } as const;
const hang = 60;
/** Corks to a line in a pan. */
const toALine = 5;

const turnedAbout = (x: number, degrees: string) =>
  ({
    transform: `rotate(${degrees})`,
    transformOrigin: `${x}px ${post.top}px`,
    transformBox: 'view-box',
  }) as const;

/** What lies in a pan: what was there from the beginning, and so many corks put to it. */
export interface Pan {
  readonly laden: readonly Weighed[];
  readonly corks: number;
}

export const weightOf = ({ laden, corks }: Pan): number => corks + laden.reduce((sum, { n }) => sum + n, 0);

/** A beam with two pans, on a field of 500 × 420; it swings until it rests where the sums have it. */
export function Beam({
  left,
  right,
  lean,
}: {
  readonly left: Pan;
  readonly right: Pan;
  readonly lean: RefObject<SVGGElement | null>;
}) {
  return (
    <>
      <path
        d={`M${post.x} ${post.top}V${post.foot}M${post.x - 70} ${post.foot}H${post.x + 70}`}
        stroke={palette.ink}
        strokeWidth={8}
        strokeLinecap="round"
      />
      <g ref={lean} style={turnedAbout(post.x, 'var(--lean, 0deg)')}>
        <line
          x1={post.x - arm}
          x2={post.x + arm}
          y1={post.top}
          y2={post.top}
          stroke={palette.ink}
          strokeWidth={8}
          strokeLinecap="round"
        />
        <Laden pan={left} x={post.x - arm} />
        <Laden pan={right} x={post.x + arm} />
      </g>
      <circle cx={post.x} cy={post.top} r={10} fill={palette.brass} stroke={palette.ink} strokeWidth={3} />
    </>
  );
}

function Laden({ pan, x }: { readonly pan: Pan; readonly x: number }) {
  const y = post.top + hang;
  return (
    // A pan hangs straight down, however the beam leans.
    <g style={turnedAbout(x, 'calc(-1 * var(--lean, 0deg))')}>
      <path
        d={`M${x} ${post.top}L${x - 70} ${y + 60}H${x + 70}Z`}
        fill="none"
        stroke={palette.inkSoft}
        strokeWidth={2}
      />
      <path
        d={`M${x - 78} ${y + 60}H${x + 78}Q${x + 60} ${y + 84} ${x} ${y + 84}Q${x - 60} ${y + 84} ${x - 78} ${y + 60}Z`}
        fill={palette.sand}
        stroke={palette.ink}
        strokeWidth={3}
      />
      {pan.laden.map((one, i) => (
        <g key={i} transform={`translate(${x + 44 * (i - (pan.laden.length - 1) / 2)} ${y + 34})`}>
          <Load load={one} />
        </g>
      ))}
      {Array.from({ length: pan.corks }, (_, i) => (
        <circle
          key={i}
          cx={x - 52 + 26 * (i % toALine)}
          cy={y + 46 - 22 * Math.floor(i / toALine) - (pan.laden.length > 0 ? 46 : 0)}
          r={11}
          fill={materials.cork}
          stroke={materials.corkEdge}
          strokeWidth={3}
        />
      ))}
    </g>
  );
}

/** A numeral that weighs what it says, a picture of so many, or a set. */
function Load({ load: { n, as } }: { readonly load: Weighed }) {
  const size = 44;
  return (
    <>
      <rect
        x={-size / 2}
        y={-size / 2}
        width={size}
        height={size}
        rx={6}
        fill={palette.tray}
        stroke={palette.ink}
        strokeWidth={2}
      />
      {as === 'numeral' ? (
        <Numeral n={n} x={0} y={0} height={21} />
      ) : (
        <g transform={`translate(${-size / 2} ${-size / 2}) scale(${size / 100})`}>
          <Pattern pattern={{ form: 'frame-rows', n, seed: 1 }} />
        </g>
      )}
    </>
  );
}

/** Swings a beam whenever its load changes. @returns what to hang the swing on, and whether it still swings */
export function useSwing(
  left: number,
  right: number,
): { readonly lean: RefObject<SVGGElement | null>; readonly isSwinging: boolean } {
  const lean = useRef<SVGGElement>(null);
  const now = useRef(leanOf(left, right));
  const [isSwinging, setSwinging] = useState(false);
  useEffect(() => {
    const [from, to] = [now.current, leanOf(left, right)];
    const isStill = matchMedia('(prefers-reduced-motion: reduce)').matches;
    const settled = settlesIn(from, to);
    const turn = (degrees: number): void => {
      now.current = degrees;
      if (lean.current) lean.current.style.setProperty('--lean', `${degrees}deg`);
    };
    let frame = 0;
    let began: number | null = null;
    const swing = (at: number): void => {
      began ??= at;
      const isOver = at - began >= settled;
      // Who wants nothing moving sees where it comes to rest, as late as it would.
      if (!isStill || isOver) turn(isOver ? to : swingAt(from, to, at - began));
      setSwinging(!isOver);
      if (!isOver) frame = requestAnimationFrame(swing);
    };
    frame = requestAnimationFrame(swing);
    return () => cancelAnimationFrame(frame);
  }, [left, right]);
  return { lean, isSwinging };
}
