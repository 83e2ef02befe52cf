/** What a place's air does to a pot, month by month. */
import { vapourPressureDeficitKPa } from '../air';
import { daylightHours } from './day-length';
import { daysInMonth, dryingPowerMmPerDay, meanAir, monthDrying, type Place } from './place';

export interface MonthSummary {
  readonly temperatureC: number;
  readonly relativeHumidityPct: number;
  readonly vapourPressureDeficitKPa: number;
  /** Evaporation of an open wet surface, mm a day. */
  readonly dryingPowerMmPerDay: number;
  readonly daylightHours: number;
}

export interface PlaceSummary {
  readonly months: readonly MonthSummary[];
  readonly hemisphere: 'north' | 'south';
  /** Mean over the year of the drying power, mm a day. */
  readonly yearMmPerDay: number;
}

export function summarizePlace(place: Place): PlaceSummary {
  const months = place.months.map((month, i): MonthSummary => {
    const mean = meanAir(month);
    const share = month.lightHours / 24;
    const deficit = (half: 'day' | 'night') =>
      vapourPressureDeficitKPa(month[half].temperatureC, month[half].relativeHumidityPct);
    return {
      ...mean,
      vapourPressureDeficitKPa: share * deficit('day') + (1 - share) * deficit('night'),
      dryingPowerMmPerDay: dryingPowerMmPerDay(monthDrying(place, i)),
      daylightHours: daylightHours(place.latitudeDeg, place.longitudeDeg, i),
    };
  });
  const total = months.reduce((sum, month, i) => sum + month.dryingPowerMmPerDay * daysInMonth[i]!, 0);
  return { months, hemisphere: place.latitudeDeg >= 0 ? 'north' : 'south', yearMmPerDay: total / 365 };
}
