import { materials } from '../../common/theme.js';
/** A child's face at the table: initials on a colour with a shape of its own; no photo is needed. */
export interface Face {
  readonly initials: string;
  readonly colour: string;
  /** An SVG path about the origin, within a circle of radius 24. */
  readonly shape: string;
}

const polygon = (corners: number, turn = 0, radius = 24): string => {
  const points = Array.from({ length: corners }, (_, i) => {
    const angle = (2 * Math.PI * i) / corners - Math.PI / 2 + turn;
    return `${(radius * Math.cos(angle)).toFixed(1)} ${(radius * Math.sin(angle)).toFixed(1)}`;
  });
  return `M${points.join('L')}Z`;
};

/** As many as may sit at one table, told apart by shape and, for those who see it, by colour. */
const looks: readonly Omit<Face, 'initials'>[] = [
  { shape: 'M-24 0A24 24 0 1 0 24 0A24 24 0 1 0 -24 0Z', colour: materials.faceReed },
  { shape: polygon(4, Math.PI / 4, 28), colour: materials.faceClay },
  { shape: polygon(6), colour: materials.faceStraw },
  { shape: 'M0 -29L30 23H-30Z', colour: materials.faceSky },
  { shape: 'M-24 14V-4A24 22 0 0 1 24 -4V14Q24 22 16 22H-16Q-24 22 -24 14Z', colour: materials.faceMallow },
  { shape: polygon(5, 0, 26), colour: materials.faceMoss },
];

export const mostAtTable = looks.length;

/** The face of the child at a place of the table. */
export function faceOf(
  { firstName, lastName }: { readonly firstName: string; readonly lastName: string },
  place: number,
): Face {
  return { initials: `${firstName.charAt(0)}${lastName.charAt(0)}`, ...looks[place % looks.length]! };
}
