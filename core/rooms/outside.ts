/**
 * The year outside, in a town, from the climate stations round it.
 *
 * Stations are heard by how near and how equally high they lie, those of another climate zone less; temperatures are
 * brought to the town's height by the standard lapse (ICAO). Nothing jumps as the town moves.
 */
import { DAYS_PER_YEAR, MONTHS_PER_YEAR } from '../base';
import type { ClimateStation, ClimateZone } from '../catalogue/climates';
import { relativeHumidityAtPct, sunGeometry } from '../physics/air';
import { firstDayOfMonth, type HalfDayAir, type HomeTown } from '../physics/places';
import { k } from './constants';

export interface OutsideMonth {
  readonly day: HalfDayAir;
  readonly night: HalfDayAir;
  readonly meanC: number;
  /** Over day and night. */
  readonly relativeHumidityPct: number;
  readonly rainMm: number;
  readonly rainDays: number;
  /** Sun on level ground, and above the air, MJ/m² a day. */
  readonly sunMJ: number;
  readonly extraterrestrialMJ: number;
}

export interface OutsideYear {
  readonly months: readonly OutsideMonth[];
  readonly altitudeM: number;
  /** The stations it comes from, the nearest first, with their share. */
  readonly from: readonly { readonly name: string; readonly distanceKm: number; readonly share: number }[];
  /** Eight times of ten the truth lies within. */
  readonly unsure: { readonly temperatureC: number; readonly humidityPoints: number };
}

const radians = (degrees: number): number => (degrees * Math.PI) / 180;

/** Along the great circle, by the haversine formula; by the latitude alone where no longitude is known. */
function distanceKm(town: HomeTown, station: ClimateStation): number {
  const southward = radians(town.latitudeDeg - station.latitudeDeg);
  if (town.longitudeDeg === null) return Math.abs(southward) * k.EARTH_RADIUS_KM;
  const eastward = radians(town.longitudeDeg - station.longitudeDeg);
  const half =
    Math.sin(southward / 2) ** 2 +
    Math.cos(radians(town.latitudeDeg)) * Math.cos(radians(station.latitudeDeg)) * Math.sin(eastward / 2) ** 2;
  return 2 * k.EARTH_RADIUS_KM * Math.asin(Math.min(1, Math.sqrt(half)));
}

interface Heard {
  readonly station: ClimateStation;
  readonly distanceKm: number;
  readonly weight: number;
}

/** How far apart two zones are: 0 the same, 1 another main letter. */
function zoneGap(a: ClimateZone, b: ClimateZone): number {
  if (a === b) return 0;
  return a[0] === b[0] ? 0.5 : 1;
}

/** Stations of a zone that speaks for little of the neighbourhood are heard less: by its share, so that nothing jumps. */
function byZone(heard: readonly Heard[]): readonly Heard[] {
  const total = heard.reduce((sum, { weight }) => sum + weight, 0);
  return heard.map((one) => {
    const foreign = heard.reduce(
      (sum, { station, weight }) => sum + weight * zoneGap(station.zone, one.station.zone),
      0,
    );
    return { ...one, weight: one.weight * (1 - (1 - k.OTHER_ZONE_SHARE) * (foreign / total)) };
  });
}

/** By the fourth power of the distance: a far station says little beside a near one. */
function heardFor(town: HomeTown, altitudeM: number, stations: readonly ClimateStation[]): readonly Heard[] {
  const all = stations.map((station): Heard => {
    const away = distanceKm(town, station);
    if (town.longitudeDeg === null) {
      // A band round the world: lowlands speak, whatever their longitude.
      const band = away / ((Math.PI / 180) * k.EARTH_RADIUS_KM * k.LATITUDE_BAND_DEG);
      const higher = ((station.altitudeM - altitudeM) / 1000) * k.HEIGHT_AS_KM;
      return { station, distanceKm: away, weight: Math.exp(-(band ** 2)) / (1 + (higher / k.NEAR_KM) ** 2) };
    }
    const higher = ((station.altitudeM - altitudeM) / 1000) * k.HEIGHT_AS_KM;
    return { station, distanceKm: away, weight: 1 / (away ** 2 + higher ** 2 + k.NEAR_KM ** 2) ** 2 };
  });
  if (town.longitudeDeg === null) return all;
  const sorted = [...all].sort((a, b) => b.weight - a.weight);
  // The last one fades out, so that none comes in with a jump.
  const least = sorted[k.STATIONS]?.weight ?? 0;
  const nearest = sorted.slice(0, k.STATIONS).map((one) => ({ ...one, weight: one.weight - least }));
  return byZone(nearest.some(({ weight }) => weight > 0) ? nearest : sorted.slice(0, 1));
}

/** As high as the stations near it, where nobody says; the sea's height where none is near. */
function usualAltitudeM(town: HomeTown, stations: readonly ClimateStation[]): number {
  if (town.longitudeDeg === null) return 0;
  let [high, weights] = [0, 0];
  for (const station of stations) {
    const weight = Math.exp(-((distanceKm(town, station) / k.SAME_HEIGHT_KM) ** 2));
    high += weight * station.altitudeM;
    weights += weight;
  }
  return high / (weights + k.LOWLAND_WEIGHT);
}

/** Rain on a day that it rains, mm, by zone: showers of the tropics are heavy, an ocean's drizzle is not. */
const rainPerWetDayMm: Readonly<Record<string, number>> = {
  A: k.RAIN_A_DAY_TROPICAL_MM,
  B: k.RAIN_A_DAY_DRY_MM,
  Cf: k.RAIN_A_DAY_OCEANIC_MM,
  Cs: k.RAIN_A_DAY_MEDITERRANEAN_MM,
  Cw: k.RAIN_A_DAY_MONSOON_MM,
  D: k.RAIN_A_DAY_CONTINENTAL_MM,
};

function wetDays(station: ClimateStation, rainMm: number): number {
  const perDay = rainPerWetDayMm[station.zone[0]!] ?? rainPerWetDayMm[station.zone.slice(0, 2)]!;
  return Math.min(k.MOST_RAIN_DAYS, rainMm / perDay);
}

const capped = (pct: number): number => Math.min(k.MOST_OUTSIDE_PCT, pct);

export function outsideOf(town: HomeTown, stations: readonly ClimateStation[]): OutsideYear {
  const altitudeM = town.altitudeM ?? usualAltitudeM(town, stations);
  const heard = heardFor(town, altitudeM, stations);
  const total = heard.reduce((sum, { weight }) => sum + weight, 0);
  const mean = (of: (station: ClimateStation) => number): number =>
    heard.reduce((sum, { station, weight }) => sum + weight * of(station), 0) / total;
  const atHeight = (station: ClimateStation, values: readonly number[], month: number): number =>
    values[month]! - (k.LAPSE_C_KM * (altitudeM - station.altitudeM)) / 1000;
  const months = Array.from({ length: MONTHS_PER_YEAR }, (_, month): OutsideMonth => {
    const highC = mean((station) => atHeight(station, station.highC, month));
    const lowC = mean((station) => atHeight(station, station.lowC, month));
    const relativeHumidityPct = mean((station) => station.humidityPct[month]!);
    const meanC = (highC + lowC) / 2;
    const swingC = ((highC - lowC) / 2) * k.HALF_DAY_SHARE;
    const half = (temperatureC: number): HalfDayAir => ({
      temperatureC,
      relativeHumidityPct: capped(relativeHumidityAtPct(meanC, relativeHumidityPct, temperatureC)),
    });
    const MIDDLE = 15;
    const middle = Math.min(DAYS_PER_YEAR, firstDayOfMonth(month + 1) + MIDDLE);
    const { extraterrestrialMJ } = sunGeometry(town.latitudeDeg, middle);
    const sunMJ = Math.min(k.CLEAR_SKY, k.HARGREAVES * Math.sqrt(Math.max(0, highC - lowC))) * extraterrestrialMJ;
    return {
      day: half(meanC + swingC),
      night: half(meanC - swingC),
      meanC,
      relativeHumidityPct,
      rainMm: mean((station) => station.rainMm[month]!),
      rainDays: mean((station) => wetDays(station, station.rainMm[month]!)),
      sunMJ,
      extraterrestrialMJ,
    };
  });
  const from = [...heard]
    .sort((a, b) => b.weight - a.weight)
    .slice(0, k.STATIONS)
    .map(({ station, distanceKm: away, weight }) => ({ name: station.name, distanceKm: away, share: weight / total }));
  const apart =
    town.longitudeDeg === null
      ? k.MOST_OFF_KM
      : Math.min(
          k.MOST_OFF_KM,
          mean((station) => distanceKm(town, station)),
        );
  const HUNDRED_KM = 100;
  return {
    months,
    altitudeM,
    from,
    unsure: {
      temperatureC: k.OUTSIDE_OFF_C + (k.OUTSIDE_OFF_C_PER_100_KM * apart) / HUNDRED_KM,
      humidityPoints: k.OUTSIDE_OFF_POINTS + (k.OUTSIDE_OFF_POINTS_PER_100_KM * apart) / HUNDRED_KM,
    },
  };
}
