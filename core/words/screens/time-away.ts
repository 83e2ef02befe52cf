/** Two places in one year, in words. */
import {
  dayOfYear,
  type DaysAway,
  isAwayOn,
  isSummerAway,
  type Place,
  type TimeAway,
  type YearDay,
} from '../../physics/places';
import { monthNames } from '../phrasing/format';

const dayWords = ({ month, day }: YearDay): string => `${day} ${monthNames[month - 1]}`;

/** "From 15 May to 20 September: my balcony. Otherwise: my windowsill." */
export const timeAwayLine = ({ home, away, from, to }: TimeAway): string =>
  `From ${dayWords(from)} to ${dayWords(to)}: ${away.name}. Otherwise: ${home.name}.`;

const MOST_NAME = 80;

/** As it stands in a sentence after "in": "my windowsill (my balcony in summer)". */
export function usualAwayName(home: Place, away: Place, days: DaysAway): string {
  const when = isSummerAway(days, home.latitudeDeg) ? 'summer' : 'winter';
  return `${home.name} (${away.name} in ${when})`.slice(0, MOST_NAME);
}

/** Where a plant of such a place stands on a day (YYYY-MM-DD), and when it moves next. */
export function whereNowWords(timeAway: TimeAway, today: string): string {
  const { home, away, from, to } = timeAway;
  const day = { month: Number(today.slice(5, 7)), day: Number(today.slice(8, 10)) };
  return isAwayOn(timeAway, dayOfYear(day))
    ? `Now: ${away.name}, until ${dayWords(to)}.`
    : `Now: ${home.name}. From ${dayWords(from)}: ${away.name}.`;
}

export const needsTwoPlaces =
  'This takes two places of yours: the one at home, and the one it goes to. Add the second one first.';
