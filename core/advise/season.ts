/** What the month of potting means in this place for this kind. */
import { type ResolvedCase, restMonthsOf, showsShoot, showsTips } from '../case';
import { leanMonths } from '../physics/places';
import { k } from './constants';

export interface Season {
  /** Its kind rests in this month, and nothing it shows says that it grows. */
  readonly isRestMonth: boolean;
  /** Days are short; never where all days are alike. */
  readonly isDarkMonth: boolean;
}

export function seasonOf({ plant, place, monthIndex }: ResolvedCase): Season {
  const grows = showsTips(plant.signs) || showsShoot(plant.signs) || plant.signs.resting === false;
  return {
    isRestMonth: !grows && restMonthsOf(plant.genus, place).includes(monthIndex),
    isDarkMonth: leanMonths(place, k.DARK_MONTHS).includes(monthIndex),
  };
}
