import { climateStations } from '../../catalogue/climates';
import { roomPlace } from '../../rooms';
import { usualRoom } from './description';
import { dryingPowerMmPerDay, monthDrying, type Place } from './place';
import { isAwayOn, isSummerAway, sharesAway, usualDaysAway, withTimeAway } from './time-away';

const town = (latitudeDeg: number, longitudeDeg: number) => ({ name: '', latitudeDeg, longitudeDeg, altitudeM: null });
const berlin = town(52.5, 13.4);
const placeIn = (where: typeof berlin, kind: 'windowsill' | 'balcony' | 'garden', id: string): Place => ({
  ...roomPlace(usualRoom(where, kind), id, climateStations).place,
  id,
});
const sill = placeIn(berlin, 'windowsill', 'sill');
const garden = placeIn(berlin, 'garden', 'garden');
const summer = { from: { month: 5, day: 15 }, to: { month: 9, day: 20 } };

test('each month has its share of the days away', () => {
  const shares = sharesAway(summer);
  expect(shares.slice(0, 4)).toEqual([0, 0, 0, 0]);
  expect(shares[4]).toBeCloseTo(17 / 31);
  expect(shares.slice(5, 8)).toEqual([1, 1, 1]);
  expect(shares[8]).toBeCloseTo(20 / 30);
  // Over the turn of the year, as in the south; a day too many for its month is its last.
  const southern = sharesAway({ from: { month: 11, day: 1 }, to: { month: 2, day: 31 } });
  expect(southern).toEqual([1, 1, 0, 0, 0, 0, 0, 0, 0, 0, 1, 1]);
  expect(isAwayOn(summer, 135)).toBe(true);
  expect(isAwayOn(summer, 134)).toBe(false);
  expect(isAwayOn({ from: summer.to, to: summer.from }, 1)).toBe(true);
});

test('a plant outside for the summer has the garden’s air, rain and wind then, and the window’s otherwise', () => {
  const both = withTimeAway(sill, garden, summer);
  const drying = (place: Place, month: number) => dryingPowerMmPerDay(monthDrying(place, month));
  expect(both.months[0]).toEqual(sill.months[0]);
  expect(drying(both, 6)).toBe(drying(garden, 6));
  expect(drying(both, 0)).toBe(drying(sill, 0));
  expect(both.months[6]!.rainMm).toBe(garden.months[6]!.rainMm);
  expect(both.months[11]!.rainMm).toBe(0);
  expect(both.timeAway).toEqual({
    home: { id: 'sill', name: 'sill' },
    away: { id: 'garden', name: 'garden' },
    ...summer,
  });
});

test('a month of which it spends a part lies between both', () => {
  const both = withTimeAway(sill, garden, summer);
  for (const half of ['day', 'night'] as const) {
    for (const figure of ['temperatureC', 'relativeHumidityPct'] as const) {
      const [a, b] = [sill.months[4]![half][figure], garden.months[4]![half][figure]];
      expect(both.months[4]![half][figure]).toBeGreaterThanOrEqual(Math.min(a, b));
      expect(both.months[4]![half][figure]).toBeLessThanOrEqual(Math.max(a, b));
    }
  }
  expect(both.months[4]!.elsewhere).toEqual({ setting: 'outdoor', airflow: garden.airflow });
  expect(withTimeAway(sill, garden, { ...summer, from: { month: 5, day: 25 } }).months[4]!.elsewhere).toBeUndefined();
});

test('day by day later the year changes little by little', () => {
  const mmInMay = Array.from({ length: 31 }, (_, i) =>
    withTimeAway(sill, garden, { ...summer, from: { month: 5, day: i + 1 } }),
  ).map(({ months }) => months[4]!.rainMm);
  const steps = mmInMay.slice(1).map((mm, i) => Math.abs(mm - mmInMay[i]!));
  expect(Math.max(...steps)).toBeLessThanOrEqual(4);
  expect(mmInMay[0]).toBe(garden.months[4]!.rainMm);
});

// From memory: tender plants go out in central Europe after the middle of May and come in in September.
test('when it goes out is proposed from the nights there', () => {
  const { from, to } = usualDaysAway(garden)!;
  expect([from.month, to.month]).toEqual([5, 9]);
  expect(from.day).toBeGreaterThanOrEqual(15);
  const curitiba = usualDaysAway(placeIn(town(-25.4, -49.3), 'garden', 'south'))!;
  expect(curitiba.from.month).toBeGreaterThan(curitiba.to.month);
  expect(isSummerAway(curitiba, -25.4)).toBe(true);
  expect(isSummerAway(curitiba, 25.4)).toBe(false);
  expect(isSummerAway(summer, 52.5)).toBe(true);
  // Where it never grows cold there is no day to come in.
  expect(usualDaysAway(placeIn(town(1.3, 103.8), 'garden', 'equator'))).toBeNull();
});
