/**
 * Places for the demonstration. Every figure is invented: these are no real stations, only airs of
 * the kinds growers live in.
 */
import type { AirflowClass, MonthAir, Place, Setting } from '../air';

interface Sketch {
  readonly id: string;
  readonly name: string;
  readonly note: string;
  readonly setting: Setting;
  readonly latitudeDeg: number;
  readonly longitudeDeg: number;
  readonly altitudeM: number;
  readonly airflow: AirflowClass;
  /** January to December. */
  readonly dayC: readonly number[];
  readonly nightC: readonly number[];
  readonly dayHumidityPct: readonly number[];
  readonly nightHumidityPct: readonly number[];
  readonly lightHours: readonly number[];
  readonly lightWattsPerM2: readonly number[];
  readonly rainMm?: readonly number[];
  readonly rainDays?: readonly number[];
}

function placeFrom(sketch: Sketch): Place {
  const months: MonthAir[] = sketch.dayC.map((dayC, i) => ({
    day: { temperatureC: dayC, relativeHumidityPct: sketch.dayHumidityPct[i]! },
    night: { temperatureC: sketch.nightC[i]!, relativeHumidityPct: sketch.nightHumidityPct[i]! },
    lightHours: sketch.lightHours[i]!,
    lightWattsPerM2: sketch.lightWattsPerM2[i]!,
    rainMm: sketch.rainMm?.[i] ?? 0,
    rainDays: sketch.rainDays?.[i] ?? 0,
  }));
  const { id, name, note, setting, latitudeDeg, longitudeDeg, altitudeM, airflow } = sketch;
  return { id, name, note, setting, latitudeDeg, longitudeDeg, altitudeM, airflow, months };
}

const twelve = (value: number): number[] => Array.from({ length: 12 }, () => value);
const northDays = [9, 10, 12, 14, 15, 16, 16, 14, 12, 11, 9, 8];

export const demoPlaces: readonly Place[] = [
  placeFrom({
    id: 'heated-flat',
    name: 'Kiln Lane flat',
    note: 'A heated living room: dry from October to April.',
    setting: 'indoor',
    latitudeDeg: 51,
    longitudeDeg: 6,
    altitudeM: 60,
    airflow: 'still room',
    dayC: [21, 21, 21, 21, 22, 23, 25, 25, 22, 21, 21, 21],
    nightC: [18, 18, 18, 18, 19, 20, 22, 22, 19, 18, 18, 18],
    dayHumidityPct: [32, 32, 36, 42, 48, 52, 54, 54, 52, 45, 37, 33],
    nightHumidityPct: [36, 36, 40, 46, 54, 58, 60, 60, 58, 50, 41, 37],
    lightHours: northDays,
    lightWattsPerM2: [15, 25, 35, 45, 50, 50, 50, 45, 40, 30, 18, 12],
  }),
  placeFrom({
    id: 'humid-terrace',
    name: 'Mangrove Steps terrace',
    note: 'A roofless terrace on a humid tropical coast.',
    setting: 'outdoor',
    latitudeDeg: 4,
    longitudeDeg: 101,
    altitudeM: 12,
    airflow: 'sheltered outdoors',
    dayC: [30, 30, 31, 31, 31, 31, 30, 30, 30, 30, 30, 30],
    nightC: [24, 24, 25, 25, 25, 25, 25, 25, 25, 25, 24, 24],
    dayHumidityPct: [74, 72, 73, 76, 77, 76, 76, 76, 77, 79, 80, 78],
    nightHumidityPct: [92, 91, 92, 94, 94, 93, 93, 93, 94, 95, 95, 94],
    lightHours: twelve(12),
    lightWattsPerM2: [120, 130, 130, 120, 115, 115, 115, 115, 110, 105, 95, 100],
    rainMm: [160, 130, 190, 230, 190, 130, 130, 150, 190, 250, 300, 240],
    rainDays: [11, 10, 13, 16, 14, 10, 10, 12, 14, 18, 20, 16],
  }),
  placeFrom({
    id: 'cool-shade',
    name: 'Larch Cellar room',
    note: 'An unheated, shaded north room: cool and fairly damp.',
    setting: 'indoor',
    latitudeDeg: 47,
    longitudeDeg: 11,
    altitudeM: 640,
    airflow: 'still room',
    dayC: [13, 13, 14, 15, 17, 19, 20, 20, 18, 16, 14, 13],
    nightC: [10, 10, 11, 12, 13, 15, 16, 16, 14, 13, 11, 10],
    dayHumidityPct: [66, 65, 64, 64, 66, 68, 68, 70, 72, 72, 70, 68],
    nightHumidityPct: [74, 73, 72, 72, 75, 78, 78, 80, 82, 80, 78, 76],
    lightHours: northDays,
    lightWattsPerM2: [6, 8, 12, 15, 18, 20, 20, 18, 14, 10, 7, 5],
  }),
];

const byId = new Map(demoPlaces.map((place) => [place.id, place]));
export const demoPlaceIds: readonly string[] = demoPlaces.map((place) => place.id);

/** A demo place; an unknown name answers with the valid ones. */
export function demoPlaceById(id: string): Place {
  const place = byId.get(id);
  if (!place) throw new RangeError(`place "${id}" is unknown; known are ${demoPlaceIds.join(', ')}`);
  return place;
}
