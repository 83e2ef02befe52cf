/**
 * Places for the demonstration. Every figure is invented: these are no real stations, only airs of
 * the kinds growers live in.
 */
import type { AirflowClass } from '../../physics/air';
import type { MonthAir, Place, Setting } from '../../physics/places';

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
/** Useful hours of light by month at a middling northern latitude. */
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
  placeFrom({
    id: 'lamp-shelf',
    name: 'Tiller Street lamp shelf',
    note: 'Plants under lamps with a small fan, all year the same.',
    setting: 'indoor',
    latitudeDeg: 52,
    longitudeDeg: 13,
    altitudeM: 40,
    airflow: 'fan',
    dayC: [25, 25, 25, 25, 25, 25, 25, 25, 25, 25, 25, 25],
    nightC: [20, 20, 20, 20, 20, 20, 20, 20, 20, 20, 20, 20],
    dayHumidityPct: [42, 42, 44, 47, 50, 53, 55, 55, 53, 48, 44, 42],
    nightHumidityPct: [48, 48, 50, 53, 56, 60, 62, 62, 60, 54, 50, 48],
    lightHours: [13, 13, 13, 13, 13, 13, 13, 13, 13, 13, 13, 13],
    lightWattsPerM2: [60, 60, 60, 60, 60, 60, 60, 60, 60, 60, 60, 60],
  }),
  placeFrom({
    id: 'kitchen-sill',
    name: 'Kettle Row kitchen',
    note: 'A lived-in kitchen windowsill with a draught.',
    setting: 'indoor',
    latitudeDeg: 53,
    longitudeDeg: -2,
    altitudeM: 70,
    airflow: 'draught',
    dayC: [20, 20, 21, 21, 22, 23, 24, 24, 22, 21, 20, 20],
    nightC: [16, 16, 17, 17, 18, 19, 20, 20, 19, 18, 17, 16],
    dayHumidityPct: [46, 46, 48, 50, 53, 56, 57, 58, 57, 53, 49, 47],
    nightHumidityPct: [54, 54, 55, 57, 60, 63, 64, 65, 63, 60, 57, 55],
    lightHours: northDays,
    lightWattsPerM2: [12, 20, 32, 45, 55, 58, 56, 48, 38, 25, 14, 10],
  }),
  placeFrom({
    id: 'bathroom',
    name: 'Soapstone bathroom',
    note: 'Warm, humid and rather dark.',
    setting: 'indoor',
    latitudeDeg: 48,
    longitudeDeg: 2,
    altitudeM: 50,
    airflow: 'still room',
    dayC: [22, 22, 22, 22, 23, 24, 25, 25, 23, 22, 22, 22],
    nightC: [20, 20, 20, 20, 21, 22, 23, 23, 21, 20, 20, 20],
    dayHumidityPct: [64, 64, 65, 66, 68, 70, 71, 71, 70, 68, 66, 65],
    nightHumidityPct: [72, 72, 73, 74, 75, 76, 77, 77, 76, 75, 73, 72],
    lightHours: northDays,
    lightWattsPerM2: [6, 6, 6, 6, 6, 6, 6, 6, 6, 6, 6, 6],
  }),
  placeFrom({
    id: 'glasshouse',
    name: 'Fern Gate glasshouse',
    note: 'A small heated glasshouse, damped down, fan running.',
    setting: 'indoor',
    latitudeDeg: 50,
    longitudeDeg: 4,
    altitudeM: 20,
    airflow: 'fan',
    dayC: [19, 20, 22, 23, 25, 27, 28, 28, 25, 23, 20, 19],
    nightC: [15, 15, 16, 16, 17, 18, 19, 19, 17, 16, 15, 15],
    dayHumidityPct: [78, 76, 74, 72, 72, 72, 72, 73, 75, 77, 79, 80],
    nightHumidityPct: [88, 88, 87, 86, 86, 86, 87, 88, 89, 89, 89, 89],
    lightHours: northDays,
    lightWattsPerM2: [25, 45, 70, 95, 110, 115, 112, 98, 75, 48, 28, 20],
  }),
  placeFrom({
    id: 'monsoon-balcony',
    name: 'Paper Lantern balcony',
    note: 'A roofed, windy balcony between a dry and a wet season.',
    setting: 'outdoor',
    latitudeDeg: 18,
    longitudeDeg: 99,
    altitudeM: 310,
    airflow: 'windy',
    dayC: [29, 32, 34, 36, 33, 32, 31, 31, 31, 31, 30, 28],
    nightC: [15, 17, 20, 23, 24, 24, 24, 24, 23, 22, 19, 15],
    dayHumidityPct: [52, 44, 40, 44, 62, 68, 70, 74, 74, 70, 62, 56],
    nightHumidityPct: [84, 76, 68, 70, 84, 88, 90, 92, 92, 90, 88, 86],
    lightHours: [11, 11.5, 12, 12.5, 13, 13.2, 13.1, 12.7, 12.2, 11.7, 11.2, 11],
    lightWattsPerM2: [110, 120, 125, 125, 110, 100, 95, 90, 95, 100, 100, 100],
  }),
  placeFrom({
    id: 'dry-plateau',
    name: 'Cinder Mesa patio',
    note: 'High, dry and bright: hot days, cold nights, hardly any rain.',
    setting: 'outdoor',
    latitudeDeg: 34,
    longitudeDeg: -106,
    altitudeM: 1850,
    airflow: 'sheltered outdoors',
    dayC: [9, 12, 17, 21, 26, 31, 33, 31, 28, 21, 14, 9],
    nightC: [-4, -2, 2, 6, 11, 16, 19, 18, 14, 7, 1, -4],
    dayHumidityPct: [42, 36, 28, 24, 24, 24, 34, 38, 36, 36, 40, 44],
    nightHumidityPct: [66, 60, 48, 42, 42, 42, 56, 62, 58, 56, 60, 66],
    lightHours: [10, 10.8, 12, 13.1, 14, 14.4, 14.2, 13.4, 12.3, 11.2, 10.2, 9.8],
    lightWattsPerM2: [110, 130, 150, 165, 175, 180, 170, 160, 150, 135, 115, 105],
    rainMm: [9, 8, 10, 9, 11, 15, 52, 55, 30, 22, 10, 10],
    rainDays: [3, 3, 3, 2, 3, 3, 9, 10, 6, 4, 3, 3],
  }),
  placeFrom({
    id: 'southern-porch',
    name: 'Gumleaf porch',
    note: 'A covered porch south of the equator.',
    setting: 'outdoor',
    latitudeDeg: -34,
    longitudeDeg: 151,
    altitudeM: 30,
    airflow: 'sheltered outdoors',
    dayC: [27, 27, 26, 23, 20, 18, 17, 18, 21, 23, 25, 26],
    nightC: [19, 19, 18, 15, 11, 9, 8, 9, 12, 14, 16, 18],
    dayHumidityPct: [62, 64, 62, 58, 58, 58, 54, 50, 50, 54, 57, 60],
    nightHumidityPct: [80, 82, 82, 80, 80, 80, 78, 74, 72, 74, 76, 78],
    lightHours: [14.2, 13.4, 12.3, 11.3, 10.4, 9.9, 10.2, 11, 12, 13, 14, 14.5],
    lightWattsPerM2: [90, 85, 75, 62, 50, 42, 46, 58, 70, 80, 88, 92],
  }),
  placeFrom({
    id: 'slate-yard',
    name: 'Slate Yard cold house',
    note: 'An unheated glass lean-to with a little frost.',
    setting: 'outdoor',
    latitudeDeg: 45,
    longitudeDeg: 8,
    altitudeM: 420,
    airflow: 'sheltered outdoors',
    dayC: [6, 8, 13, 17, 21, 25, 28, 27, 23, 16, 10, 6],
    nightC: [-3, -2, 2, 6, 10, 14, 16, 16, 12, 7, 2, -2],
    dayHumidityPct: [72, 66, 58, 56, 58, 56, 54, 56, 62, 70, 76, 76],
    nightHumidityPct: [88, 86, 82, 82, 84, 84, 82, 84, 88, 90, 90, 90],
    lightHours: northDays,
    lightWattsPerM2: [40, 60, 85, 105, 120, 130, 130, 115, 90, 60, 42, 34],
  }),
  placeFrom({
    id: 'salt-stair',
    name: 'Salt Stair terrace',
    note: 'A windy sea terrace with a long dry summer.',
    setting: 'outdoor',
    latitudeDeg: 37,
    longitudeDeg: 25,
    altitudeM: 60,
    airflow: 'windy',
    dayC: [15, 15, 17, 20, 24, 29, 31, 31, 28, 24, 20, 16],
    nightC: [10, 10, 11, 13, 17, 21, 24, 24, 21, 18, 14, 11],
    dayHumidityPct: [66, 64, 62, 58, 54, 48, 44, 45, 52, 58, 64, 68],
    nightHumidityPct: [76, 76, 74, 72, 70, 64, 60, 62, 68, 72, 75, 78],
    lightHours: northDays,
    lightWattsPerM2: [70, 90, 115, 135, 150, 165, 165, 150, 125, 95, 72, 60],
    rainMm: [60, 45, 38, 20, 10, 3, 1, 1, 8, 35, 55, 70],
    rainDays: [9, 8, 7, 5, 3, 1, 1, 1, 2, 5, 8, 10],
  }),
];
