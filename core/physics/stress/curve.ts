/**
 * The one curve of all stresses: 0 far below the line, a half on it, 1 far above, smooth everywhere. No stress
 * is ever quite 0 or 1, so that of two setups one is always a little better.
 */

/** x: burden over what the plant bears. x⁶/(1+x⁶), by products only: it is told 8,760 times a year. */
export function stressOf(x: number): number {
  const square = x * x;
  const sixth = square * square * square;
  return sixth / (1 + sixth);
}

/** The part of the way that something slow goes to a new value within `hours`. */
export function wayIn(hours: number, tellsDays: number): number {
  return 1 - Math.exp(-hours / (24 * tellsDays));
}
