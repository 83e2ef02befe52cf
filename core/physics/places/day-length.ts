/** Daylight by the standard sun library. */
import { HOURS_PER_DAY, MS_PER_HOUR } from '../../base';
import { getTimes } from 'suncalc';

/** Hours between sunrise and sunset in the middle of a month; 24 or 0 where the sun does not set or rise. */
export function daylightHours(latitudeDeg: number, longitudeDeg: number, monthIndex: number): number {
  const noon = new Date(Date.UTC(2025, monthIndex, 15, 12) - (longitudeDeg / 15) * MS_PER_HOUR);
  const times = getTimes(noon, latitudeDeg, longitudeDeg);
  if (times.sunrise && times.sunset) return (times.sunset.getTime() - times.sunrise.getTime()) / MS_PER_HOUR;
  return times.alwaysUp ? HOURS_PER_DAY : 0;
}
