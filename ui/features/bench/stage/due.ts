/** What the chosen month asks for, in one line under the curve. */
import { type DryingTime, type Genus, HORIZON_DAYS } from '@core';
import { days, monthNames } from '@core/words';

const inRest: Readonly<Record<Genus['rest'], string | null>> = {
  none: null,
  'drier winter': 'rests, half the water',
  'dry winter': 'rests, hardly any water',
  'short and bright': 'rests, a third of the water',
  'leafless and dry': 'rests, no water',
  'leafless and moist': 'rests, just moist',
};

const HOURS_PER_DAY = 24;
const DAYS_FROM = 0.75;

/** Bare roots dry within hours. */
function daysOrHours(value: number): string {
  if (value >= DAYS_FROM) return days(value);
  const hours = Math.max(1, Math.round(value * HOURS_PER_DAY));
  return `${hours} ${hours === 1 ? 'hour' : 'hours'}`;
}

/** rest: of its kind in this month; "none" while it grows. */
export function dueText(monthIndex: number, time: DryingTime | undefined, rest: Genus['rest']): string {
  const drying = time?.status === 'dries' ? `water after ${daysOrHours(time.days)}` : `wet beyond ${HORIZON_DAYS} days`;
  return `${monthNames[monthIndex]!}: ${inRest[rest] ?? drying}`;
}
