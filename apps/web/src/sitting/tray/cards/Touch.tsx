import { brailleOf, type Cards } from '@dotting/core';
import { Braille } from '../../../common/Braille.js';
import { Numeral } from '../../../common/Numeral.js';
import { palette } from '../../../common/theme.js';
import { mirrorSize } from '../mirrorLayout.js';

const { width } = mirrorSize;

/** A card as the fingers find it, its corner cut off to tell which way up; the numeral in print for the adult. */
export function Felt({ cards: { n, code } }: { readonly cards: Cards }) {
  const isRaised = code === 'raised';
  return (
    <>
      <path
        d="M190 120H470L510 160V380Q510 400 490 400H190Q170 400 170 380V140Q170 120 190 120Z"
        fill={palette.paper}
        stroke={palette.inkSoft}
        strokeWidth={2}
      />
      {isRaised ? (
        <>
          <Numeral n={n} x={340} y={260} height={180} color={palette.sand} />
          <Numeral n={n} x={336} y={256} height={180} />
        </>
      ) : (
        <Braille cells={brailleOf(n, code === 'maths' ? 'maths' : 'literary')} x={340} y={260} height={120} />
      )}
      {!isRaised && <Numeral n={n} x={340} y={460} height={50} color={palette.inkSoft} />}
    </>
  );
}

/** What is to be written, small and in print and cells for the adult, and what was. */
export function Written({
  cards: { n, code },
  put,
}: {
  readonly cards: Cards;
  readonly put: readonly string[];
}) {
  return (
    <>
      <Numeral n={n} x={100} y={110} height={50} color={palette.inkSoft} />
      <Braille cells={brailleOf(n, code === 'maths' ? 'maths' : 'literary')} x={220} y={110} height={40} />
      <line x1={60} x2={640} y1={200} y2={200} stroke={palette.line} strokeWidth={2} />
      {put.length > 0 && <Braille cells={put.join('')} x={width / 2} y={340} height={130} />}
    </>
  );
}
