import type { ReactNode } from 'react';
import { Numeral } from '../common/Numeral.js';
import { materials, palette } from '../common/theme.js';

export const line = { stroke: palette.ink, strokeWidth: 2, fill: 'none', strokeLinecap: 'round' } as const;

export const Cork = ({ x, y, r = 4.5 }: { readonly x: number; readonly y: number; readonly r?: number }) => (
  <circle cx={x} cy={y} r={r} fill={materials.cork} stroke={materials.corkEdge} />
);

/** A frame of ten, with so many in it, line by line or two by two; and some beside it. */
export function Frame({
  n,
  isInPairs = false,
  x = 8,
  y = 12,
}: {
  readonly n: number;
  readonly isInPairs?: boolean;
  readonly x?: number;
  readonly y?: number;
}) {
  const side = 12;
  const cells = Array.from({ length: 10 }, (_, i) => [i % 5, Math.floor(i / 5)] as const);
  const order = isInPairs ? cells.toSorted(([a, b], [c, d]) => a - c || b - d) : cells;
  return (
    <>
      {cells.map(([column, row]) => (
        <rect
          key={`${column} ${row}`}
          x={x + side * column}
          y={y + side * row}
          width={side}
          height={side}
          {...line}
          strokeWidth={1}
        />
      ))}
      {order.slice(0, n).map(([column, row]) => (
        <Cork key={`${column} ${row}`} x={x + side * (column + 0.5)} y={y + side * (row + 0.5)} r={4} />
      ))}
    </>
  );
}

export const Strokes = ({ across }: { readonly across: string }) => (
  <path d={`M22 12V38M32 12V38M42 12V38M52 12V38${across}`} {...line} strokeWidth={3} />
);

/** What is said, or thought: a bubble with what is in it. */
export const Said = ({ children, x = 40 }: { readonly children: ReactNode; readonly x?: number }) => (
  <g transform={`translate(${x - 40} 0)`}>
    <path d="M8 6H72Q76 6 76 10V30Q76 34 72 34H34L24 43L25 34H8Q4 34 4 30V10Q4 6 8 6Z" {...line} />
    {children}
  </g>
);

export const Text = ({
  x,
  y = 25,
  children,
}: {
  readonly x: number;
  readonly y?: number;
  readonly children: string;
}) => (
  <text x={x} y={y} textAnchor="middle" fontSize={15} fill={palette.ink}>
    {children}
  </text>
);

export const Card = ({ n, x }: { readonly n: number; readonly x: number }) => (
  <>
    <rect x={x - 10} y={9} width={20} height={29} rx={3} fill={palette.paper} stroke={palette.ink} />
    <Numeral n={n} x={x} y={23.5} height={16} />
  </>
);

export const Face = ({
  x,
  y = 24,
  isOpen = true,
}: {
  readonly x: number;
  readonly y?: number;
  readonly isOpen?: boolean;
}) => (
  <>
    <circle cx={x} cy={y} r={8} {...line} strokeWidth={1.5} />
    {isOpen ? (
      <circle cx={x} cy={y + 3} r={2} fill={palette.ink} />
    ) : (
      <path d={`M${x - 2.5} ${y + 3.5}h5`} {...line} strokeWidth={1.5} />
    )}
  </>
);

export const Hand = ({
  x,
  y,
  isOn = false,
}: {
  readonly x: number;
  readonly y: number;
  readonly isOn?: boolean;
}) => (
  <path
    d={`M${x - 16} ${y}h18q6 0 6 4t-6 4h-18`}
    fill={isOn ? palette.sand : palette.paper}
    stroke={palette.ink}
    strokeWidth={1.6}
  />
);

/** A braille cell: its raised dots, 1 to 3 down the left, 4 to 6 down the right. */
export function Cell({ dots, x }: { readonly dots: readonly number[]; readonly x: number }) {
  return [1, 2, 3, 4, 5, 6].map((dot) => (
    <circle
      key={dot}
      cx={x + (dot > 3 ? 9 : 0)}
      cy={12 + 11 * ((dot - 1) % 3)}
      r={dots.includes(dot) ? 3.4 : 1}
      fill={palette.ink}
    />
  ));
}
