import { materials, palette } from '../../common/theme.js';
import type { ReactNode } from 'react';

const wood = { fill: materials.cork, stroke: materials.corkEdge };

/** Each kind of counter, drawn about the origin within a circle of radius 1. */
const shapes: Record<string, ReactNode> = {
  cork: (
    <>
      <circle r={0.94} {...wood} strokeWidth={0.08} />
      <circle cx={-0.3} cy={-0.25} r={0.07} fill={materials.corkEdge} />
      <circle cx={0.28} cy={0.1} r={0.07} fill={materials.corkEdge} />
      <circle cx={-0.05} cy={0.42} r={0.06} fill={materials.corkEdge} />
    </>
  ),
  shell: (
    <>
      <path
        d="M0 0.8C-0.5 0.75 -0.95 0.2 -0.9 -0.25C-0.8 -0.75 -0.35 -0.9 0 -0.9C0.35 -0.9 0.8 -0.75 0.9 -0.25C0.95 0.2 0.5 0.75 0 0.8Z"
        fill={materials.shell}
        stroke={materials.shellEdge}
        strokeWidth={0.08}
      />
      <path
        d="M0 0.78V-0.88M-0.05 0.75L-0.45 -0.8M0.05 0.75L0.45 -0.8M-0.1 0.7L-0.8 -0.4M0.1 0.7L0.8 -0.4"
        stroke={materials.shellEdge}
        strokeWidth={0.05}
        fill="none"
      />
    </>
  ),
  boat: (
    <>
      <path d="M-0.95 0.25H0.95L0.6 0.75H-0.6Z" {...wood} strokeWidth={0.08} strokeLinejoin="round" />
      <path
        d="M0 0.25V-0.85M0 -0.8L0.6 0.05H0Z"
        fill={palette.paper}
        stroke={materials.corkEdge}
        strokeWidth={0.08}
        strokeLinejoin="round"
      />
    </>
  ),
  lid: (
    <>
      <circle r={0.94} fill={materials.lid} stroke={materials.lidEdge} strokeWidth={0.08} />
      <circle r={0.7} fill="none" stroke={materials.lidEdge} strokeWidth={0.05} />
    </>
  ),
  'acorn-cup': (
    <>
      <path
        d="M-0.9 -0.1A0.9 0.9 0 0 0 0.9 -0.1Z"
        fill={materials.acornCup}
        stroke={materials.acornEdge}
        strokeWidth={0.08}
        strokeLinejoin="round"
      />
      <ellipse
        cy={-0.1}
        rx={0.9}
        ry={0.26}
        fill={materials.acornInside}
        stroke={materials.acornEdge}
        strokeWidth={0.08}
      />
      <path
        d="M-0.6 0.3L-0.3 0.05M-0.35 0.6L0.15 0.1M0.05 0.75L0.5 0.15"
        stroke={materials.acornEdge}
        strokeWidth={0.06}
      />
    </>
  ),
};

/** A counter as it lies on the tray. It looks the same whether it has been counted or not. */
export function ThingShape({ things }: { readonly things: string }) {
  return (
    shapes[things] ?? <circle r={0.94} fill={materials.lid} stroke={materials.lidEdge} strokeWidth={0.08} />
  );
}
