/** What the chosen month asks for, in one line under the curve. */
import type { Genus } from '../../catalogue/genera';
import { type DryingTime, HORIZON_DAYS } from '../../physics/drydown';
import { days, monthNames } from '../phrasing/format';

const inRest: Readonly<Record<Genus['rest'], string | null>> = {
  none: null,
  'drier winter': 'rests, half the water',
  'dry winter': 'rests, hardly any water',
  'short and bright': 'rests, a third of the water',
  'leafless and dry': 'rests, no water',
  'leafless and moist': 'rests, just moist',
};

/** rest: of its kind in this month; "none" while it grows. */
export function dueText(
  monthIndex: number,
  time: DryingTime | undefined,
  rest: Genus['rest'],
  isRefilled = false,
): string {
  const word = isRefilled ? 'refill' : 'water';
  const drying = time?.status === 'dries' ? `${word} after ${days(time.days)}` : `wet beyond ${HORIZON_DAYS} days`;
  return `${monthNames[monthIndex]!}: ${inRest[rest] ?? drying}`;
}
