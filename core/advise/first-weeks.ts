/**
 * A new mix takes its first waterings badly, so it asks for water sooner than it will later: by how much, in the month
 * in which it is potted.
 */
import type { CandidateFacts, CaseContext, Judgement } from '../decide/setups';
import { type Column, daysOf, firstDryingTime, wateringFor, wettabilityAtFirst } from '../physics/drydown';
import { k } from './constants';

export interface FirstWeeks {
  /** Days from the first watering of the dry mix to the next, and once it takes water as it will. */
  readonly days: number;
  readonly laterDays: number;
}

/** null where the difference is too small to tell, and where there is no new mix that dries by itself. */
export function firstWeeksOf(context: CaseContext, facts: CandidateFacts, judgement: Judgement): FirstWeeks | null {
  const { setup, spec } = facts;
  if (setup.kind !== 'pot' || facts.hasReservoir || spec.monthsOld) return null;
  const { monthIndex } = context.resolved;
  const atFirst = setup.layers.map(wettabilityAtFirst);
  const built = facts.daysColumn;
  const column: Column = { ...built, wettability: built.wettability.map((_, i) => atFirst[built.layerIndex[i]!]!) };
  const month = context.climate.year[monthIndex]!;
  const time = firstDryingTime(column, month, context.regime.waterAtShare, wateringFor(context.routine));
  const [days, laterDays] = [daysOf(time), daysOf(judgement.byMonth[monthIndex]!)];
  return days < k.SOONER_AT_FIRST * laterDays ? { days, laterDays } : null;
}
