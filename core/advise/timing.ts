/** Do it now, or wait? The plant's own sign beats the calendar (common practice, no source). */
import type { PlantState } from '../case';
import type { Genus } from '../catalogue/genera';

export type TimingVerdict = 'go at once' | 'go' | 'wait';

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
  readonly waitFor: string | null;
}

/** Organic media older than this many times their life count as broken down. */
const SPENT_SHARE = 1.3;

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
  if (state === 'failing, poor roots') return { verdict: 'go at once', code: 'failing roots', waitFor: null };
  const isSpent =
    input.mediumIsOrganic &&
    input.yearsInMedium !== null &&
    input.mediumLifeYears !== null &&
    input.yearsInMedium > input.mediumLifeYears * SPENT_SHARE;
  switch (state) {
    case 'growing, new root tips':
      return { verdict: 'go', code: 'root tips', waitFor: null };
    case 'new shoot starting':
      return { verdict: 'go', code: 'shoot about to root', waitFor: null };
    case 'in bud or bloom':
      return { verdict: 'wait', code: 'in bloom', waitFor: 'the last flower fades, or new roots start before that' };
    case 'dormant':
      // Leaf-shedding plants with bulbs are potted while dormant and then kept dry.
      return genus.rest === 'leafless and dry'
        ? { verdict: 'go', code: 'dormant with bulbs to repot', waitFor: null }
        : { verdict: 'wait', code: 'dormant', waitFor: 'the new shoot shows its first root tips' };
    case 'no new growth':
      return isSpent
        ? { verdict: 'go', code: 'broken-down medium', waitFor: null }
        : { verdict: 'wait', code: 'no sign', waitFor: 'new root tips, or a shoot old enough to root soon' };
  }
}
