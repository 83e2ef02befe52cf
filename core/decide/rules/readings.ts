/** What several rules read off a setup. */
import { DAYS_PER_COMMON_YEAR, upperMedianOf } from '../../base';
import { mediumById } from '../../catalogue/media';
import { daysOf, type Layer } from '../../physics/drydown';
import type { MediumFamily, MediumFigures } from '../../physics/media';
import { monthOfDay } from '../../physics/places';
import type { Pot } from '../../physics/pots';
import type { RuleInput } from './rule';

/** The pot a rule about pots speaks of. Throws a RangeError for a mount: such a rule does not apply there. */
export function potIn({ facts }: RuleInput): Pot {
  if (facts.setup.kind !== 'pot') throw new RangeError('a rule about pots was asked of a mount');
  return facts.setup.pot;
}

/** Its layers, from the bottom; none of a mount. */
export function layersIn({ facts }: RuleInput): readonly Layer[] {
  return facts.setup.kind === 'pot' ? facts.setup.layers : [];
}

export function hasFamily(input: RuleInput, family: MediumFamily): boolean {
  return input.facts.mainMix.some((part) => part.medium.family === family);
}

/** Share of a family in the main mix, by bag volume, 0..1. */
export function familyShare(input: RuleInput, family: MediumFamily): number {
  const { mainMix } = input.facts;
  const all = mainMix.reduce((sum, part) => sum + part.parts, 0);
  return mainMix.reduce((sum, part) => sum + (part.medium.family === family ? part.parts : 0), 0) / all;
}

/** Family of the top dressing; null without one. */
export function topFamily(input: RuleInput): MediumFamily | null {
  const { setup } = input.facts;
  if (setup.kind !== 'pot') return null;
  const top = setup.layers.find((layer) => layer.role === 'top dressing');
  return top?.mix[0]?.medium.family ?? null;
}

/** What the plant stands in now; null when nobody said. */
export function currentMedium({ context }: RuleInput): MediumFigures | null {
  const id = context.resolved.current.mediumId;
  return id === null ? null : mediumById(id);
}

/** Days until it asks for water in the month that dries it fastest; Infinity before the year is computed. */
export function fastestDays({ judgement }: RuleInput): number {
  return Math.min(...(judgement?.byMonth ?? []).map(daysOf));
}

/** The same in a middling month (the upper of the two middle ones); 0 before the year is computed. */
export function medianDays({ judgement }: RuleInput): number {
  return judgement ? upperMedianOf(judgement.byMonth.map(daysOf)) : 0;
}

/** Days a watering carries it in the months of the absence that is said; Infinity without one, or before the year is computed. */
export function carriedDays({ context, judgement }: RuleInput): number {
  const { holiday } = context;
  if (holiday === null || judgement === null) return Infinity;
  const months = new Set<number>();
  for (let day = holiday.fromDay; day < holiday.fromDay + holiday.days; day += 1)
    months.add(monthOfDay((day % DAYS_PER_COMMON_YEAR) + 1) - 1);
  return Math.min(...[...months].map((month) => daysOf(judgement.byMonth[month]!)));
}

/** The absence that is said, days; 0 without one. */
export const awayDays = ({ context }: RuleInput): number => context.holiday?.days ?? 0;
