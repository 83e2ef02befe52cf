/** How sure the answer is, in words (explore/sensitivity). */
import type { MovedBy, SensitivityFacts, SwingFact } from '../explore';
import { number, percent } from './phrasing/format';

export interface Swing extends Omit<SwingFact, 'moved'> {
  /** How far it was moved, in words. */
  readonly moved: string;
  readonly movedBy: MovedBy;
}

export interface Sensitivity extends Omit<SensitivityFacts, 'swings'> {
  readonly swings: readonly Swing[];
  readonly sentence: string;
}

/** A swing smaller than this share of the year moves nothing. */
const NOTHING = 0.01;

function movedText(moved: MovedBy): string {
  switch (moved.by) {
    case 'share':
      return `± ${percent(moved.share)}`;
    case 'points':
      return `± ${number(moved.points, 0)} points`;
    case 'class':
      return 'one class either way';
    case 'third':
      return moved.isAssumed ? 'a third either way (assumed)' : 'a third either way';
  }
}

function sentenceOf({ fine, plusMinus, swings }: SensitivityFacts): string {
  const first = swings[0]!;
  return Math.abs(first.highFine - first.lowFine) < NOTHING
    ? `Nothing you could be wrong about moves it: ${percent(fine)} of the year fine holds.`
    : `${percent(fine)} of the year fine, give or take ${number(plusMinus * 100, 0)} points; ${first.input} matters most.`;
}

export function wordSensitivity(facts: SensitivityFacts): Sensitivity {
  return {
    ...facts,
    swings: facts.swings.map((swing) => ({ ...swing, moved: movedText(swing.moved), movedBy: swing.moved })),
    sentence: sentenceOf(facts),
  };
}
