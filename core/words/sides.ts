/** What each side of a question would do here, in words (explore/sides). */
import type { SideFact, SidesFacts } from '../explore';
import type { WordUnits } from './phrasing/format';
import { type SetupAnswer, wordSetup } from './plan';

export interface SideAnswer extends Omit<SideFact, 'setup'> {
  /** The setup this side would take; null when it leaves none. */
  readonly setup: SetupAnswer | null;
}

export interface SchoolComparison extends Omit<SidesFacts, 'sides'> {
  readonly sides: readonly SideAnswer[];
}

export function wordSides(facts: SidesFacts, units: WordUnits): SchoolComparison {
  return {
    ...facts,
    sides: facts.sides.map((side) => ({ ...side, setup: side.setup && wordSetup(side.setup, units) })),
  };
}
