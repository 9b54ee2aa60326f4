import type { InkPoint } from '@dotting/core';

/** In thousandths of the space between the lines: how far the sheet reaches above the upper line, and how high it is. */
export const sheetTop = -450;
export const sheetHeight = 2000;

/** How large the sheet lies on the screen, in px. */
export interface SheetSize {
  readonly width: number;
  readonly height: number;
}

/** How wide a sheet is that fills its place on the screen. */
export const widthOf = ({ width, height }: SheetSize): number =>
  height === 0 ? sheetHeight : (sheetHeight * width) / height;

/** Where a point of the screen lies on the sheet. */
export function onSheet(
  { clientX, clientY }: { readonly clientX: number; readonly clientY: number },
  place: Pick<DOMRect, 'left' | 'top' | 'height'>,
): Pick<InkPoint, 'x' | 'y'> {
  const scale = sheetHeight / place.height;
  return {
    x: Math.round((clientX - place.left) * scale),
    y: Math.round((clientY - place.top) * scale + sheetTop),
  };
}
