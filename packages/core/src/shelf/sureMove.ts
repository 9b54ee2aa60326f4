/**
 * The game of filling a frame by turns, 1 to `most` in each, where whoever places the last one wins: how many to
 * place now so as to win whatever the other does. That leaves a multiple of most + 1 (Bouton 1901, one heap).
 *
 * @param left cells that are still empty
 * @returns null where the other wins, should she know how
 */
export function sureMove(left: number, most: number): number | null {
  const place = left % (most + 1);
  return place === 0 ? null : place;
}
