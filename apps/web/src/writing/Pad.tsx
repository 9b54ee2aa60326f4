import type { InkStroke, Writing } from '@dotting/core';
import Box from '@mui/material/Box';
import { useEffect, useRef, useState } from 'react';
import { palette } from '../common/theme.js';
import { inkPath } from './inkPath.js';
import { Pen } from './pen.js';
import { Sheet } from './Sheet.js';
import { sheetHeight, sheetTop, widthOf, type SheetSize } from './sheet.js';

interface PadProps {
  readonly writing: Writing;
  readonly strokes: readonly InkStroke[];
  readonly label: string;
  readonly onStroke: (points: InkStroke) => void;
}

/** A sheet that takes down what is written on it. The stroke under the pen is drawn by itself, past React. */
export function Pad({ writing, strokes, label, onStroke }: PadProps) {
  const surface = useRef<HTMLDivElement>(null);
  const wet = useRef<HTMLCanvasElement>(null);
  const [size, setSize] = useState<SheetSize>({ width: 0, height: 0 });
  useEffect(() => {
    const observer = new ResizeObserver(([entry]) => {
      const { width, height } = entry!.contentRect;
      setSize({ width, height });
    });
    observer.observe(surface.current!);
    return () => observer.disconnect();
  }, []);
  useEffect(() => {
    const pen = new Pen(surface.current!, {
      onInk: (points) => drawWet(wet.current!, points),
      onStroke,
    });
    return () => pen.leave();
  }, [onStroke]);
  const sharp = window.devicePixelRatio;
  return (
    <Box ref={surface} sx={pad}>
      {size.height > 0 && <Sheet width={widthOf(size)} writing={writing} strokes={strokes} label={label} />}
      <canvas
        ref={wet}
        width={Math.round(size.width * sharp)}
        height={Math.round(size.height * sharp)}
        style={{ position: 'absolute', inset: 0, width: '100%', height: '100%' }}
      />
    </Box>
  );
}

function drawWet(canvas: HTMLCanvasElement, points: InkStroke | null): void {
  const context = canvas.getContext('2d', { desynchronized: true });
  if (!context) return;
  context.setTransform(1, 0, 0, 1, 0, 0);
  context.clearRect(0, 0, canvas.width, canvas.height);
  if (!points) return;
  const scale = canvas.height / sheetHeight;
  context.setTransform(scale, 0, 0, scale, 0, -sheetTop * scale);
  context.fillStyle = palette.ink;
  context.fill(new Path2D(inkPath(points, false)));
}

const pad = {
  position: 'relative',
  width: '100%',
  height: '100%',
  bgcolor: 'tray',
  cursor: 'crosshair',
  // What is written neither scrolls the page nor marks anything on it.
  touchAction: 'none',
  userSelect: 'none',
  WebkitUserSelect: 'none',
  overscrollBehavior: 'none',
} as const;
