/** The year outside against facts that are in no table of ours, and stations against their own neighbours. */
import { type ClimateStation, climateStations, climateZones } from '../catalogue/climates';
import { dewPointC } from '../physics/air';
import type { HomeTown } from '../physics/places';
import { outsideOf } from './outside';

const town = (latitudeDeg: number, longitudeDeg: number | null, altitudeM: number | null = null): HomeTown => ({
  name: '',
  latitudeDeg,
  longitudeDeg,
  altitudeM,
});
const home = ({ latitudeDeg, longitudeDeg, altitudeM }: ClimateStation) => town(latitudeDeg, longitudeDeg, altitudeM);
const mean = (values: readonly number[]) => values.reduce((sum, value) => sum + value, 0) / values.length;

test('stations of every zone and both hemispheres, each with twelve possible months and its origin', () => {
  expect(climateStations.length).toBeGreaterThanOrEqual(120);
  expect(climateStations.filter(({ latitudeDeg }) => latitudeDeg < 0).length).toBeGreaterThan(40);
  for (const zone of climateZones) {
    expect({ zone, has: climateStations.some((station) => station.zone === zone) }).toEqual({ zone, has: true });
  }
  expect(new Set(climateStations.map(({ name }) => name)).size).toBe(climateStations.length);
  const faults = climateStations.flatMap(({ name, highC, lowC, humidityPct, rainMm, provenance }) => [
    ...([highC, lowC, humidityPct, rainMm].some(({ length }) => length !== 12) ? [`${name}: months`] : []),
    ...(highC.some((high, i) => high - lowC[i]! < 3 || high - lowC[i]! > 19) ? [`${name}: swing`] : []),
    ...(humidityPct.some((pct) => pct < 8 || pct > 95) ? [`${name}: humidity`] : []),
    ...(rainMm.some((mm) => mm < 0 || mm > 900) ? [`${name}: rain`] : []),
    ...(provenance.kind === 'memory' ? [] : [`${name}: origin`]),
  ]);
  expect(faults).toEqual([]);
});

test('at a station it is the station', () => {
  for (const station of climateStations.filter((_, i) => i % 9 === 0)) {
    const { months } = outsideOf(home(station), climateStations);
    const off = months.map(({ meanC }, i) => Math.abs(meanC - (station.highC[i]! + station.lowC[i]!) / 2));
    expect({ name: station.name, off: Math.max(...off) < 0.6 }).toEqual({ name: station.name, off: true });
  }
});

test('each station from the others: what is said to hold eight times of ten holds so often', () => {
  let [warm, damp, all] = [0, 0, 0];
  for (const station of climateStations) {
    const others = climateStations.filter((other) => other !== station);
    const { months, unsure } = outsideOf(home(station), others);
    months.forEach(({ meanC, relativeHumidityPct }, i) => {
      all += 1;
      if (Math.abs(meanC - (station.highC[i]! + station.lowC[i]!) / 2) <= unsure.temperatureC) warm += 1;
      if (Math.abs(relativeHumidityPct - station.humidityPct[i]!) <= unsure.humidityPoints) damp += 1;
    });
  }
  for (const held of [warm / all, damp / all]) {
    expect(held).toBeGreaterThan(0.76);
    expect(held).toBeLessThan(0.9);
  }
});

/** Annual means as published by the weather services, remembered; none of these towns is a station here. */
test.each([
  ['Lyon', 45.76, 4.84, 170, 13.2],
  ['Glasgow', 55.86, -4.25, 40, 9.4],
  ['Porto', 41.15, -8.6, 80, 15.3],
  ['Stuttgart', 48.8, 9.2, 250, 10.6],
  ['Medan', 3.58, 98.67, 25, 27.2],
  ['Cebu', 10.3, 123.9, 10, 27.9],
  ['Pune', 18.5, 73.86, 560, 24.9],
  ['Philadelphia', 39.95, -75.2, 10, 13.6],
  ['Portland', 45.5, -122.7, 15, 12.7],
  ['Cuenca', -2.9, -79, 2550, 15.6],
  ['Dunedin', -45.9, 170.5, 10, 11.1],
  ['Kyoto', 35, 135.8, 45, 16.2],
])('%s: the year’s mean lies within what is told', (_name, latitudeDeg, longitudeDeg, altitudeM, annualC) => {
  const { months, unsure } = outsideOf(town(latitudeDeg, longitudeDeg, altitudeM), climateStations);
  expect(Math.abs(mean(months.map(({ meanC }) => meanC)) - annualC)).toBeLessThan(unsure.temperatureC);
});

/** Mean dew points, °C, of coastal, desert and monsoon summers (from memory: they are in no table of ours). */
test.each([
  ['Miami, July', 25.8, -80.3, 6, 22, 25.5],
  ['Phoenix, June', 33.4, -112, 5, 1, 9],
  ['Delhi, August', 28.6, 77.2, 7, 23.5, 27],
  ['London, January', 51.5, -0.2, 0, 0.5, 4.5],
])('dew point of %s', (_name, latitudeDeg, longitudeDeg, month, from, to) => {
  const { meanC, relativeHumidityPct } = outsideOf(town(latitudeDeg, longitudeDeg), climateStations).months[month]!;
  const dewC = dewPointC(meanC, relativeHumidityPct);
  expect(dewC).toBeGreaterThan(from);
  expect(dewC).toBeLessThan(to);
});

/** Mean sun of a day, MJ/m², by published maps of solar radiation, remembered: inland desert to northern winter. */
test.each([
  ['Phoenix, June', 33.4, -112, 5, 25, 31],
  ['London, December', 51.5, -0.2, 11, 1.5, 3.5],
  ['Singapore, March', 1.35, 103.8, 2, 14, 20],
  ['Adelaide, January', -34.9, 138.6, 0, 23, 29],
])('sun of %s', (_name, latitudeDeg, longitudeDeg, month, from, to) => {
  const { sunMJ } = outsideOf(town(latitudeDeg, longitudeDeg), climateStations).months[month]!;
  expect(sunMJ).toBeGreaterThan(from);
  expect(sunMJ).toBeLessThan(to);
});

test('the wettest month is where it is known to be', () => {
  const wettest = (latitudeDeg: number, longitudeDeg: number) => {
    const rain = outsideOf(town(latitudeDeg, longitudeDeg), climateStations).months.map(({ rainMm }) => rainMm);
    return rain.indexOf(Math.max(...rain)) + 1;
  };
  expect([6, 7, 8]).toContain(wettest(19, 72.9));
  expect([11, 12, 1]).toContain(wettest(49.2, -123));
  expect([5, 6, 7]).toContain(wettest(-34, 18.5));
});

test('as a town moves across Europe nothing jumps', () => {
  const STEPS = 1500;
  const along = Array.from({ length: STEPS + 1 }, (_, i) =>
    outsideOf(town(45.76 + (6.2 * i) / STEPS, 4.84 + (25 * i) / STEPS, 200), climateStations),
  );
  const steps = along.slice(1).flatMap(({ months }, i) =>
    months.map(({ meanC, relativeHumidityPct }, month) => {
      const before = along[i]!.months[month]!;
      return Math.max(Math.abs(meanC - before.meanC), Math.abs(relativeHumidityPct - before.relativeHumidityPct) / 10);
    }),
  );
  expect(Math.max(...steps)).toBeLessThan(0.08);
});

test('a latitude alone is an answer, in either hemisphere, and less sure than a town', () => {
  const [north, south] = [town(50, null), town(-35, null)].map((one) => outsideOf(one, climateStations));
  expect(north!.months[6]!.meanC).toBeGreaterThan(north!.months[0]!.meanC + 8);
  expect(south!.months[0]!.meanC).toBeGreaterThan(south!.months[6]!.meanC + 5);
  expect(north!.unsure.temperatureC).toBeGreaterThan(outsideOf(town(50, 8.6), climateStations).unsure.temperatureC + 1);
});

test('higher is colder by the standard lapse', () => {
  const at = (altitudeM: number) => outsideOf(town(47.4, 8.6, altitudeM), climateStations).months[6]!.meanC;
  expect(at(560) - at(1560)).toBeGreaterThan(4.5);
  expect(at(560) - at(1560)).toBeLessThan(8);
});
