/**
 * The accepted range of every quantity a grower can enter, with its unit. One table, so that the
 * form, the command line and the route handler all refuse the same values with the same words.
 * Units inside the core: mm for pieces and roots, cm for pots, L, g, °C, % relative humidity, kPa, h.
 */
export interface QuantityRange {
  readonly label: string;
  readonly unit: string;
  readonly min: number;
  readonly max: number;
}

export const ranges = {
  rootDiameterMm: { label: 'root thickness', unit: 'mm', min: 0.2, max: 12 },
  rootBallDiameterCm: { label: 'root ball diameter', unit: 'cm', min: 1, max: 40 },
  leafAreaCm2: { label: 'leaf area', unit: 'cm²', min: 5, max: 20000 },
  plantHeightCm: { label: 'plant height', unit: 'cm', min: 1, max: 200 },
  plantCount: { label: 'number of plants in the pot', unit: '', min: 1, max: 7 },
  fronts: { label: 'number of growing fronts', unit: '', min: 1, max: 8 },
  shootCount: { label: 'number of shoots', unit: '', min: 1, max: 60 },
  liveRootsPct: { label: 'share of live roots', unit: '%', min: 0, max: 100 },
  yearsInMedium: { label: 'years in the medium', unit: 'years', min: 0, max: 30 },
  yearsWanted: { label: 'years before the next repot', unit: 'years', min: 1, max: 6 },
  everyDays: { label: 'days between waterings', unit: 'days', min: 1, max: 30 },
  soakMinutes: { label: 'minutes of a soak', unit: 'min', min: 1, max: 240 },
  waterDsM: { label: 'salts of the water', unit: 'mS/cm', min: 0, max: 3 },
  feedAddsDsM: { label: 'what feed adds', unit: 'mS/cm', min: 0, max: 4 },
  feedEveryDays: { label: 'days between feeds', unit: 'days', min: 1, max: 365 },
  temperatureC: { label: 'temperature', unit: '°C', min: -20, max: 50 },
  relativeHumidityPct: { label: 'relative humidity', unit: '%', min: 1, max: 100 },
  rainMmPerMonth: { label: 'rain', unit: 'mm a month', min: 0, max: 1500 },
  rainDays: { label: 'rain days', unit: 'days a month', min: 0, max: 31 },
  altitudeM: { label: 'altitude', unit: 'm', min: -400, max: 5000 },
  latitudeDeg: { label: 'latitude', unit: '°', min: -66, max: 66 },
  longitudeDeg: { label: 'longitude', unit: '°', min: -180, max: 180 },
  lightWattsPerM2: { label: 'light or sun on the pot', unit: 'W/m²', min: 0, max: 1000 },
  lightHours: { label: 'hours of light', unit: 'h', min: 0, max: 24 },
  airSpeedMS: { label: 'air speed', unit: 'm/s', min: 0, max: 15 },
  rimDiameterCm: { label: 'rim diameter', unit: 'cm', min: 3, max: 60 },
  shelfRoomCm: { label: 'room on the shelf', unit: 'cm', min: 8, max: 60 },
  baseDiameterCm: { label: 'base diameter', unit: 'cm', min: 2, max: 60 },
  potHeightCm: { label: 'pot height', unit: 'cm', min: 2, max: 60 },
  layerHeightCm: { label: 'layer height', unit: 'cm', min: 0.2, max: 60 },
  mixParts: { label: 'parts of the mix', unit: 'parts', min: 0.05, max: 100 },
  pieceMm: { label: 'piece size', unit: 'mm', min: 0.05, max: 80 },
  wickHeightCm: { label: 'height of the wicks', unit: 'cm', min: 0.5, max: 60 },
  wickCount: { label: 'number of wicks', unit: '', min: 0, max: 6 },
  monthsOld: { label: 'age of the medium', unit: 'months', min: 0, max: 120 },
  mapCm: { label: 'place on the map', unit: 'cm', min: -60, max: 60 },
  headingDeg: { label: 'heading', unit: '°', min: -360, max: 360 },
  certaintyPct: { label: 'certainty that it stays in the pot', unit: '%', min: 50, max: 95 },
  rhizomeStepCm: { label: 'step between shoots', unit: 'cm', min: 0, max: 30 },
  shootsPerYear: { label: 'shoots a year', unit: '', min: 0.2, max: 12 },
  share: { label: 'share', unit: '(1 = all)', min: 0, max: 1 },
  airNeedShare: { label: 'air its roots want', unit: '(share of the root zone)', min: 0.05, max: 0.8 },
  mossShare: { label: 'share of moss', unit: '(1 = all)', min: 0, max: 0.8 },
  crockingHeightCm: { label: 'crocking', unit: 'cm', min: 0, max: 40 },
  padThicknessCm: { label: 'pad thickness', unit: 'cm', min: 0, max: 6 },
  potCount: { label: 'number of pots', unit: '', min: 1, max: 500 },
  dayHours: { label: 'hours of a potting day', unit: 'h', min: 0.25, max: 16 },
  minuteOfDay: { label: 'time of day', unit: 'minutes after midnight', min: 0, max: 1440 },
  timerMinutes: { label: 'minutes of a timer', unit: 'min', min: 0.1, max: 1440 },
  trialFigure: { label: 'figure of a trial', unit: '', min: 0, max: 1000 },
  helpers: { label: 'number of helpers', unit: '', min: 0, max: 12 },
  benchCm: { label: 'room for pots that soak', unit: 'cm', min: 10, max: 1000 },
  stockAmount: { label: 'amount in stock', unit: '', min: 0, max: 100_000 },
  price: { label: 'price', unit: '', min: 0, max: 1_000_000 },
  warmerC: { label: 'heat wave', unit: '°C warmer', min: 0, max: 15 },
  pottings: { label: 'pottings', unit: '', min: 0, max: 10_000 },
  holidayDays: { label: 'days away', unit: 'days', min: 1, max: 60 },
  dayOfYear: { label: 'first day away (day of the year)', unit: '', min: 1, max: 365 },
  mountWidthCm: { label: 'mount width', unit: 'cm', min: 4, max: 60 },
  containerMl: { label: 'volume of the container', unit: 'mL', min: 50, max: 20000 },
  month: { label: 'month', unit: '', min: 1, max: 12 },
  dayOfMonth: { label: 'day of the month', unit: '', min: 1, max: 31 },
  timesADay: { label: 'timesADay', unit: '', min: 1, max: 4 },
  volumeL: { label: 'volume', unit: 'L', min: 0.01, max: 500 },
} as const satisfies Record<string, QuantityRange>;

export type QuantityName = keyof typeof ranges;
