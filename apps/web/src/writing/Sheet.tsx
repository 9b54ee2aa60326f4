import { pathOf, strokesOf, type InkStroke, type Writing } from '@dotting/core';
import { memo, type ReactNode } from 'react';
import { palette } from '../common/theme.js';
import { useNumeralStyle } from '../common/schools.js';
import { inkPath } from './inkPath.js';
import { sheetHeight, sheetTop } from './sheet.js';

const ruledHeight = 1000;
/** Of the sheet the model takes so much, on the side away from the writing hand. */
const forModel = 0.34;

interface SheetProps {
  readonly width: number;
  readonly writing: Writing;
  readonly strokes: readonly InkStroke[];
  readonly label: string;
  readonly children?: ReactNode;
}

/** The page that a child writes on: its lines, what there is to go over or to copy, and what was written. */
export const Sheet = memo(function Sheet({ width, writing, strokes, label, children }: SheetProps) {
  return (
    <svg
      role="img"
      aria-label={label}
      viewBox={`0 ${sheetTop} ${width} ${sheetHeight}`}
      width="100%"
      height="100%"
      style={{ display: 'block' }}
    >
      {writing.ruled && <Lines width={width} />}
      <Guide width={width} writing={writing} />
      <g fill={palette.ink}>
        {strokes.map((points, i) => (
          <path key={i} d={inkPath(points)} />
        ))}
      </g>
      {children}
    </svg>
  );
});

/** The upper and the lower line, and the middle between them. */
function Lines({ width }: { readonly width: number }) {
  return (
    <g stroke={palette.line} strokeWidth={8}>
      <path d={`M0 0H${width}M0 ${ruledHeight}H${width}`} />
      <path d={`M0 ${ruledHeight / 2}H${width}`} strokeDasharray="4 40" strokeLinecap="round" />
    </g>
  );
}

function Guide({ width, writing: { n, guide, hand } }: Pick<SheetProps, 'width' | 'writing'>) {
  const { digits, width: wide } = strokesOf(n, useNumeralStyle());
  if (guide === 'none') return null;
  const isModel = guide === 'model';
  const middle = isModel ? width * (hand === 'left' ? 1 - forModel / 2 : forModel / 2) : width / 2;
  const left = middle - (wide * ruledHeight) / 2;
  return (
    <>
      {isModel && (
        <path
          d={`M${hand === 'left' ? width * (1 - forModel) : width * forModel} ${sheetTop}v${sheetHeight}`}
          stroke={palette.line}
          strokeWidth={6}
          strokeDasharray="2 30"
          strokeLinecap="round"
        />
      )}
      <g
        fill="none"
        stroke={isModel ? palette.ink : palette.line}
        strokeWidth={guide === 'dotted' ? 36 : 95}
        strokeDasharray={guide === 'dotted' ? '1 80' : undefined}
        strokeLinecap="round"
        strokeLinejoin="round"
      >
        {digits.flatMap(({ strokes, left: at }, i) =>
          strokes.map((stroke, k) => (
            <path key={`${i} ${k}`} d={pathOf(stroke, ruledHeight, left + at * ruledHeight)} />
          )),
        )}
      </g>
    </>
  );
}
