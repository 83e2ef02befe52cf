import { constantPlace, type MonthAir, type Place } from '../../physics/places';
import { planCaseSchema, resolveCase } from '../../testing';
import { climateOf, contextOf } from './context';

/** Warm days and cool nights through the year, but for one hot dry July and one cold damp January. */
const place: Place = (() => {
  const steady = constantPlace({ temperatureC: 20, relativeHumidityPct: 60, airflow: 'still room' });
  const month = (dayC: number, nightC: number, humidityPct: number): MonthAir => ({
    ...steady.months[0]!,
    lightHours: 12,
    day: { temperatureC: dayC, relativeHumidityPct: humidityPct },
    night: { temperatureC: nightC, relativeHumidityPct: humidityPct },
  });
  const months = Array.from({ length: 12 }, () => month(22, 16, 60));
  months[0] = month(9, 4, 90);
  months[6] = month(35, 24, 30);
  return { ...steady, months };
})();

describe('the air of a place in figures', () => {
  const climate = climateOf(place);

  test('its extremes are those of any day or night', () => {
    expect(climate.warmestC).toBe(35);
    expect(climate.coldestC).toBe(4);
    expect(climate.leastHumidityPct).toBeCloseTo(30, 9);
  });

  test('its means are those of the twelve months', () => {
    expect(climate.meanC).toBeCloseTo((10 * 19 + 6.5 + 29.5) / 12, 9);
    expect(climate.meanHumidityPct).toBeCloseTo((10 * 60 + 90 + 30) / 12, 9);
  });

  test('July dries hardest, January least', () => {
    expect(climate.hardestMonth).toBe(6);
    expect(climate.mildestMonth).toBe(0);
  });

  test('one month of rain makes a place where it rains', () => {
    expect(climate.hasRain).toBe(false);
    const months = place.months.map((month, index) => (index === 3 ? { ...month, rainMm: 40, rainDays: 8 } : month));
    expect(climateOf({ ...place, months }).hasRain).toBe(true);
  });
});

test('media age at the mean warmth of the place, as wet as this plant is kept', () => {
  const context = contextOf(resolveCase(planCaseSchema.parse({ genus: 'paphiopedilum', place: 'cool-shade' })));
  expect(context.ageing.temperatureC).toBe(context.climate.meanC);
  expect(context.ageing.wetness).toBeCloseTo((1 + context.regime.waterAtShare) / 2, 12);
});
