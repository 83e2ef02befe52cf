/** The leading shoots of a plant. */

import { type Runs, runs } from '../growth';

/** How the growing fronts run, as seen from above. */
export const leadDirections = runs;
export type LeadDirection = Runs;

/** One front runs one way; where there are more and nothing is said, they run apart. */
export function usualDirection(fronts: number): LeadDirection {
  if (fronts < 2) return 'one way';
  return fronts === 2 ? 'two ways' : 'all round';
}
