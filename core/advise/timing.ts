/** Do it now, or wait? The plant's own sign beats the calendar (common practice, no source). */
import type { PlantState } from '../case';
import type { Genus } from '../catalogue/genera';
import { k } from './constants';

export type TimingVerdict = 'go at once' | 'go' | 'wait';

export type TimingSign =
  'flowers over or new roots' | 'root tips on the new shoot' | 'root tips or a shoot about to root';

export interface Timing {
  readonly verdict: TimingVerdict;
  readonly code:
    | 'failing roots'
    | 'root tips'
    | 'shoot about to root'
    | 'in bloom'
    | 'dormant with bulbs to repot'
    | 'dormant'
    | 'broken-down medium'
    | 'no sign';
  /** The sign to wait for, when waiting. */
  readonly sign: TimingSign | null;
}

export interface TimingInput {
  readonly genus: Genus;
  readonly state: PlantState;
  /** Years in the present medium, and that medium's life; null when unknown. */
  readonly yearsInMedium: number | null;
  readonly mediumLifeYears: number | null;
  readonly mediumIsOrganic: boolean;
}

export function decideTiming(input: TimingInput): Timing {
  const { genus, state } = input;
  if (state === 'failing, poor roots') return { verdict: 'go at once', code: 'failing roots', sign: null };
  const isSpent =
    input.mediumIsOrganic &&
    input.yearsInMedium !== null &&
    input.mediumLifeYears !== null &&
    input.yearsInMedium > input.mediumLifeYears * k.SPENT_SHARE;
  switch (state) {
    case 'growing, new root tips':
      return { verdict: 'go', code: 'root tips', sign: null };
    case 'new shoot starting':
      return { verdict: 'go', code: 'shoot about to root', sign: null };
    case 'in bud or bloom':
      return { verdict: 'wait', code: 'in bloom', sign: 'flowers over or new roots' };
    case 'dormant':
      // Leaf-shedding plants with bulbs are potted while dormant and then kept dry.
      return genus.rest === 'leafless and dry'
        ? { verdict: 'go', code: 'dormant with bulbs to repot', sign: null }
        : { verdict: 'wait', code: 'dormant', sign: 'root tips on the new shoot' };
    case 'no new growth':
      return isSpent
        ? { verdict: 'go', code: 'broken-down medium', sign: null }
        : { verdict: 'wait', code: 'no sign', sign: 'root tips or a shoot about to root' };
  }
}
