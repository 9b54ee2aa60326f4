import type { ReactNode } from 'react';
import { mirrorSize } from './mirrorLayout.js';

/** What lies there, drawn in the mirror’s units, as large as there is room for. */
export function MirrorDrawing({ label, children }: { readonly label: string; readonly children: ReactNode }) {
  return (
    <svg
      role="img"
      aria-label={label}
      viewBox={`0 0 ${mirrorSize.width} ${mirrorSize.height}`}
      width="100%"
      height="100%"
      style={{ display: 'block' }}
    >
      {children}
    </svg>
  );
}
