/** When a plant of this genus rests in this place. */
import type { Genus, Rest } from '../catalogue/genera';
import { leanMonths, type Place } from '../physics/places';
import { k } from './constants';

const monthsOf: Readonly<Record<Rest, number>> = {
  none: 0,
  'drier winter': k.REST_MONTHS,
  'dry winter': k.REST_MONTHS,
  'short and bright': k.SHORT_REST_MONTHS,
  'leafless and dry': k.LEAFLESS_MONTHS,
  'leafless and moist': k.LEAFLESS_MONTHS,
};

/** Months, 0 = January, in order of time; none for kinds that do not rest, and where no season tells them to. */
export function restMonthsOf(genus: Pick<Genus, 'rest'>, place: Place): readonly number[] {
  const count = monthsOf[genus.rest];
  return count === 0 ? [] : leanMonths(place, count);
}
