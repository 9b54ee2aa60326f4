import type { TraySet } from '@dotting/core';
import { Card } from './Card.js';
import { Line, TeenCards } from './cards/Numbers.js';
import { Row } from './cards/Row.js';
import { Sets } from './cards/Sets.js';
import { Spread } from './cards/Spread.js';
import { Stair } from './cards/Stair.js';
import { Felt, Written } from './cards/Touch.js';
import { mirrorSize } from './mirrorLayout.js';

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
