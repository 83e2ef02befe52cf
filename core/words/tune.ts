/** "Tune to my routine", in words (explore/tune). */
import { potKindById } from '../catalogue/vessels';
import type { TunedFact, TuneMove, TuningFacts } from '../explore';
import { capital, cm, mmRange, percent, type WordUnits } from './phrasing/format';

export interface Tuned extends TunedFact {
  /** What is changed. */
  readonly sentence: string;
}

export interface Tuning extends Omit<TuningFacts, 'options'> {
  readonly options: readonly Tuned[];
}

function moveText(move: TuneMove, units: WordUnits): string {
  switch (move.code) {
    case 'moss':
      return move.share === 0 ? 'no moss' : `${percent(move.share)} moss instead of ${percent(move.fromShare)}`;
    case 'grade':
      return `pieces of ${mmRange(move.smallMm, move.largeMm, units)}`;
    case 'rim':
      return `the ${cm(move.rimDiameterCm, units)} pot`;
    case 'pot kind':
      return potKindById(move.potKindId).name.toLowerCase();
  }
}

export function wordTuning(facts: TuningFacts, units: WordUnits): Tuning {
  return {
    ...facts,
    options: facts.options.map((option) => ({
      ...option,
      sentence: `${capital(option.moves.map((move) => moveText(move, units)).join(', '))}.`,
    })),
  };
}
