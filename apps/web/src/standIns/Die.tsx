import { Numeral } from '../common/Numeral.js';
import { dieFace } from '@dotting/core';
import { palette } from '../common/theme.js';

interface DieProps {
  /** Null before it was thrown. */
  readonly n: number | null;
  readonly asDots: boolean;
}

/** A die from −50 to 50, with what lies on top. */
export const Die = ({ n, asDots }: DieProps) => (
  <>
    <rect
      x={-50}
      y={-50}
      width={100}
      height={100}
      rx={16}
      fill={palette.tray}
      stroke={palette.ink}
      strokeWidth={4}
    />
    {n !== null && <Face n={n} asDots={asDots} />}
  </>
);

/** One face: a pattern of dots where the number has one, else the numeral. */
function Face({ n, asDots }: { readonly n: number; readonly asDots: boolean }) {
  const dots = asDots ? dieFace(n) : undefined;
  if (!dots) return <Numeral n={n} x={0} y={0} height={44} />;
  return dots.map(([x, y]) => <circle key={`${x} ${y}`} cx={26 * x} cy={26 * y} r={9} fill={palette.ink} />);
}
