/** What would change the order, in words (explore/turns). */
import type { TurnCondition, TurnFact } from '../explore';
import { lowerFirst, number, type WordUnits } from './phrasing/format';
import { setupTitle, vesselText } from './phrasing/titles';

export interface Turn extends TurnFact {
  /** The condition, as the start of a sentence: "If you could water twice a week". */
  readonly condition: string;
  readonly sentence: string;
}

function conditionText(when: TurnCondition): string {
  switch (when.code) {
    case 'water every day':
      return 'If you could water every day';
    case 'water twice a week':
      return 'If you could water twice a week';
    case 'water once a week':
      return 'If you watered once a week';
    case 'water every two weeks':
      return 'If you watered every two weeks';
    case 'water what asks':
      return 'If you looked every morning and watered what asks';
    case 'fan':
      return 'With a fan running';
    case 'damper air':
      return `With ${when.points} points more humidity`;
  }
}

export function wordTurn(fact: TurnFact, units: WordUnits): Turn {
  const { spec, score } = fact;
  const condition = conditionText(fact.when);
  const vessel = spec.vessel.kind === 'pot' ? ` in ${vesselText(spec, units).toLowerCase()}` : '';
  return {
    ...fact,
    condition,
    sentence: `${condition}, ${lowerFirst(setupTitle(spec, units))}${vessel} would lead with ${number(score, 0)} points.`,
  };
}
