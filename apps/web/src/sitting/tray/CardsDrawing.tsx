import { brailleOf, filled, letterOf, slotsOf, type Cards, type TraySet } from '@dotting/core';
import { Braille } from '../../common/Braille.js';
import { Numeral } from '../../common/Numeral.js';
import { headingFont, palette } from '../../common/theme.js';
import { Card } from './Card.js';
import { dish, mirrorSize } from './mirrorLayout.js';
import { ThingShape } from './ThingShape.js';

const { width, height } = mirrorSize;

interface DrawingProps {
  readonly set: TraySet;
  /** What was put so far. */
  readonly put?: readonly string[];
}

/** Cards, sets and towers as they lie, in the mirror’s units. Nothing on it tells right from wrong. */
export function CardsDrawing({ set, put = [] }: DrawingProps) {
  const cards = set.layout!.cards!;
  switch (cards.kind) {
    case 'feel':
      return <Felt cards={cards} />;
    case 'braille':
      return <Written cards={cards} put={put} />;
    case 'name':
      return <Card x={width / 2} y={height / 2} height={420} n={cards.n} />;
    case 'find':
    case 'find-all':
    case 'find-pictures':
      return <Spread cards={cards} things={set.things} taken={put} />;
    case 'row':
      return <Row set={set} put={put} />;
    case 'match':
    case 'hunt':
      return <Sets set={set} put={put} />;
    case 'stair':
      return <Stair set={set} put={put} />;
    case 'line':
      return <Line cards={cards} />;
    case 'teen':
      return <TeenCards cards={cards} />;
  }
}

/** A card as the fingers find it, its corner cut off to tell which way up; the numeral in print for the adult. */
function Felt({ cards: { n, code } }: { readonly cards: Cards }) {
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

/** What is to be written, in print and in cells for the adult, and what was. */
function Written({ cards: { n, code }, put }: { readonly cards: Cards; readonly put: readonly string[] }) {
  return (
    <>
      <Numeral n={n} x={150} y={110} height={90} color={palette.inkSoft} />
      <Braille cells={brailleOf(n, code === 'maths' ? 'maths' : 'literary')} x={340} y={110} height={80} />
      <line x1={60} x2={640} y1={200} y2={200} stroke={palette.line} strokeWidth={2} />
      {put.length > 0 && <Braille cells={put.join('')} x={width / 2} y={340} height={130} />}
    </>
  );
}

/** In lines of at most five. */
export const linesOf = (many: number): readonly number[] => {
  const lines = Math.ceil(many / 5);
  return Array.from({ length: lines }, (_, i) => Math.ceil((many - i) / lines));
};

/** The middle of each of so many, in lines. */
export function gridOf(
  many: number,
): readonly { readonly x: number; readonly y: number; readonly high: number }[] {
  const lines = linesOf(many);
  return lines.flatMap((inLine, line) =>
    Array.from({ length: inLine }, (_, i) => ({
      x: (width * (i + 0.5)) / inLine,
      y: (height * (line + 0.5)) / lines.length,
      high: Math.min((0.84 * height) / lines.length, (0.84 * width) / Math.max(...lines) / 0.75, 300),
    })),
  );
}

function Spread({
  cards,
  things,
  taken,
}: {
  readonly cards: Cards;
  readonly things: string;
  readonly taken: readonly string[];
}) {
  const isOfThings = cards.kind === 'find-pictures';
  return gridOf(cards.cards.length).map(({ x, y, high }, i) => (
    <g key={i} opacity={taken.includes(String(i)) ? 0.35 : 1}>
      <Card x={x} y={y} height={high} n={cards.cards[i]!} {...(isOfThings && { things })} />
    </g>
  ));
}

/** The row with its places, and beneath it the cards that are to go there, mixed. */
function Row({ set, put }: Required<DrawingProps>) {
  const { cards, given = [] } = set.layout!.cards!;
  const slots = filled(slotsOf(set)!, put);
  let next = 0;
  const shown = cards.map((card) => (given.includes(card) ? String(card) : (slots[next++]?.put ?? null)));
  const used = slots.flatMap((slot) => slot.put ?? []);
  const left = mixed(
    slots.map(({ wanted }) => Number(wanted)),
    set.layout?.seed ?? 0,
  ).filter((card) => !used.includes(String(card)));
  const high = Math.min(150, (0.84 * width) / Math.min(cards.length, 11) / 0.75);
  const perLine = Math.min(cards.length, 11);
  return (
    <>
      {shown.map((card, i) => (
        <Card
          key={i}
          x={(width * ((i % perLine) + 0.5)) / perLine}
          y={90 + Math.floor(i / perLine) * (high + 14)}
          height={high}
          n={card === null ? null : Number(card)}
          isOpen={card === null}
        />
      ))}
      {left.map((card, i) => (
        <Card
          key={card}
          x={(width * ((i % perLine) + 0.5)) / perLine}
          y={height - 110 + Math.floor(i / perLine) * 60 - (left.length > perLine ? 60 : 0)}
          height={Math.min(high, 110)}
          n={card}
        />
      ))}
    </>
  );
}

/** Off their order, the same for the same seed. */
function mixed(cards: readonly number[], seed: number): readonly number[] {
  const keyOf = (card: number): number => ((card + 1) * 7919 + seed * 104_729) % 1009;
  return cards.toSorted((a, b) => keyOf(a) - keyOf(b));
}

/** Sets, each with a place for its card, or at a letter. */
function Sets({ set, put }: Required<DrawingProps>) {
  const { kind, cards } = set.layout!.cards!;
  const slots = filled(slotsOf(set)!, put);
  const perLine = cards.length > 4 ? 3 : 2;
  const lines = Math.ceil(cards.length / perLine);
  const [wide, high] = [width / perLine, height / lines];
  return cards.map((n, i) => {
    const [x, y] = [wide * ((i % perLine) + 0.5), high * (Math.floor(i / perLine) + 0.5)];
    const card = slots[i]!.put;
    return (
      <g key={i}>
        <rect
          x={x - wide / 2 + 8}
          y={y - high / 2 + 8}
          width={wide - 16}
          height={high - 16}
          rx={14}
          fill="none"
          stroke={palette.line}
          strokeWidth={2}
        />
        {kind === 'hunt' && (
          <text
            x={x - wide / 2 + 24}
            y={y - high / 2 + 46}
            fontSize={34}
            fontFamily={headingFont}
            fill={palette.ink}
          >
            {letterOf(i)}
          </text>
        )}
        {dish(n, { x: x - 0.17 * wide, y }, Math.min(0.052 * wide, 0.052 * high, 15)).map((place, k) => (
          <g key={k} transform={`translate(${place.x} ${place.y}) scale(${place.radius})`}>
            <ThingShape things={set.things} />
          </g>
        ))}
        <Card
          x={x + 0.29 * wide}
          y={y}
          height={Math.min(110, 0.5 * high, 0.42 * wide)}
          n={card === null || card === 'blank' ? null : Number(card)}
          isOpen={card === null || card === 'blank'}
        />
      </g>
    );
  });
}

/** Towers side by side, each with its number at the foot. */
function Stair({ set, put }: Required<DrawingProps>) {
  const slots = filled(slotsOf(set)!, put);
  const most = slots.length + 1;
  const step = Math.min(70, (height - 90) / most);
  const wide = Math.min(90, (width - 40) / slots.length);
  return slots.map(({ put: tower }, i) => {
    const x = width / 2 + wide * (i - (slots.length - 1) / 2);
    return (
      <g key={i}>
        {Array.from({ length: Number(tower ?? 0) }, (_, k) => (
          <g
            key={k}
            transform={`translate(${x} ${height - 70 - step * (k + 0.5)}) scale(${Math.min(step, wide) * 0.46})`}
          >
            <ThingShape things={set.things} />
          </g>
        ))}
        <line
          x1={x - wide * 0.42}
          x2={x + wide * 0.42}
          y1={height - 62}
          y2={height - 62}
          stroke={palette.inkSoft}
          strokeWidth={2}
        />
        <Numeral n={i + 1} x={x} y={height - 34} height={30} />
      </g>
    );
  });
}

/** A line with its middle marked, and the card that is to go to a side of it. */
function Line({ cards: { n, cards } }: { readonly cards: Cards }) {
  const y = 380;
  return (
    <>
      <line
        x1={40}
        x2={width - 40}
        y1={y}
        y2={y}
        stroke={palette.inkSoft}
        strokeWidth={4}
        strokeLinecap="round"
      />
      <line x1={width / 2} x2={width / 2} y1={y - 26} y2={y + 26} stroke={palette.inkSoft} strokeWidth={4} />
      <Numeral n={cards[0]!} x={width / 2} y={y + 74} height={64} />
      <Card x={width / 2} y={150} height={200} n={n} />
    </>
  );
}

/** A ten card, and a small one that covers its zero. */
function TeenCards({ cards: { cards } }: { readonly cards: Cards }) {
  const high = 220;
  const wide = 2 * 0.62 * high;
  return (
    <>
      <g>
        <rect
          x={150}
          y={170}
          width={wide}
          height={high}
          rx={14}
          fill={palette.paper}
          stroke={palette.inkSoft}
          strokeWidth={2}
        />
        <Numeral n={1} x={150 + wide * 0.27} y={170 + high / 2} height={0.6 * high} />
        <Numeral n={0} x={150 + wide * 0.73} y={170 + high / 2} height={0.6 * high} />
      </g>
      <rect
        x={490}
        y={170}
        width={wide / 2}
        height={high}
        rx={14}
        fill={palette.paper}
        stroke={palette.inkSoft}
        strokeWidth={2}
      />
      <Numeral n={cards[1]!} x={490 + wide / 4} y={170 + high / 2} height={0.6 * high} />
    </>
  );
}
