/** How wide several root balls are that stand close together. */
import { k } from './constants';

/**
 * Width of the smallest circle about so many equal ones, over the width of one: the densest packings known (Graham 1968 up to
 * seven, all proved).
 */
const aboutCircles: readonly number[] = [1, 2, 2.155, 2.414, 2.701, 3, 3];

/** Width of the balls of so many plants set close together, over that of one: roots reach into each other. */
export function widthTogether(plantCount: number): number {
  const about = aboutCircles[plantCount - 1];
  if (about === undefined) throw new RangeError(`plantCount must be between 1 and ${aboutCircles.length}`);
  return 1 + (about - 1) * k.BALLS_APART_SHARE;
}
