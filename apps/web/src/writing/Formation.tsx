import { pathOf, polylineOf, strokesOf, type Hand } from '@dotting/core';
import { formationWords } from '@dotting/words';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { useSchools } from '../common/schools.js';
import { palette } from '../common/theme.js';
import { words } from '../wording/all.js';
import { Arrow } from './Arrow.js';

interface FormationProps {
  readonly n: number;
  readonly hand: Hand;
}

/** How a numeral is formed here: where each stroke begins, which way it goes, and the words for it. */
export function Formation({ n, hand }: FormationProps) {
  const schools = useSchools();
  return (
    <Box sx={{ display: 'grid', gap: 1.5, justifyItems: 'center', p: 2, width: '100%' }}>
      <svg
        role="img"
        aria-label={words.writing.formed({ n })}
        viewBox="-0.25 -0.2 2.1 1.4"
        style={{ width: 'min(100%, 30rem)', maxHeight: '42vh' }}
      >
        <FormationDrawing n={n} x={0.8} />
      </svg>
      <Box component="ul" sx={{ m: 0, p: 0, listStyle: 'none', textAlign: 'center' }}>
        {formationWords(words, n, schools).map((told, i) => (
          <Typography component="li" key={i} sx={{ fontSize: '1.1rem' }}>
            {told}
          </Typography>
        ))}
      </Box>
      <Typography variant="body2" color="textSecondary">
        {words.writing.withHand({ hand })}
      </Typography>
    </Box>
  );
}

/** The same as a drawing, 1 high, its middle at x. */
export function FormationDrawing({ n, x }: { readonly n: number; readonly x: number }) {
  const { digits, width } = strokesOf(n, useSchools().forms);
  const left = x - width / 2;
  const all = digits.flatMap(({ strokes, left: at }) => strokes.map((stroke) => ({ stroke, at: left + at })));
  return (
    <>
      <g fill="none" stroke={palette.line} strokeWidth={0.12} strokeLinecap="round" strokeLinejoin="round">
        {all.map(({ stroke, at }, i) => (
          <path key={i} d={pathOf(stroke, 1, at)} />
        ))}
      </g>
      {all.map(({ stroke, at }, i) => {
        const points = polylineOf(stroke).map((point) => ({ x: point.x + at, y: point.y }));
        const { x: beginX, y: beginY } = points[0]!;
        return (
          <g key={i}>
            <Arrow points={points} size={0.055} />
            <circle cx={beginX} cy={beginY} r={0.075} fill={palette.ink} />
            <text
              x={beginX}
              y={beginY + 0.035}
              textAnchor="middle"
              fontSize={0.1}
              fontWeight={700}
              fill={palette.gate}
            >
              {i + 1}
            </text>
          </g>
        );
      })}
    </>
  );
}
