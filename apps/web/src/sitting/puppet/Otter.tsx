import { materials, palette } from '../../common/theme.js';
interface OtterProps {
  readonly at: { readonly x: number; readonly y: number };
  readonly large: boolean;
}

/** Our own puppet: an otter's head, with whiskers. */
export function Otter({ at, large }: OtterProps) {
  return (
    <g transform={`translate(${at.x} ${at.y}) scale(${large ? 1.7 : 0.9})`} aria-hidden>
      <circle cx={-62} cy={-48} r={18} fill={materials.furDark} />
      <circle cx={62} cy={-48} r={18} fill={materials.furDark} />
      <ellipse rx={82} ry={70} fill={materials.fur} />
      <ellipse cy={26} rx={46} ry={32} fill={materials.furPale} />
      <circle cx={-30} cy={-18} r={8} fill={palette.ink} />
      <circle cx={30} cy={-18} r={8} fill={palette.ink} />
      <path d="M-13 6H13L0 19Z" fill={palette.ink} />
      <path
        d="M0 19V30M0 30C-8 38 -18 36 -22 32M0 30C8 38 18 36 22 32"
        fill="none"
        stroke={palette.ink}
        strokeWidth={3}
      />
      <path
        d="M-40 22L-96 14M-40 30L-94 34M40 22L96 14M40 30L94 34"
        stroke={materials.furDark}
        strokeWidth={2.5}
      />
    </g>
  );
}
