/** Adds up days, stresses and readings to months and a year. */
import { dayShares, type StressKind, stressKinds, type Stresses, wholeStress, worstKind } from '../stress';

const WORST_POWER = 6;

export interface MonthReport {
  /** Days of the month; they add up to it. */
  readonly fineDays: number;
  readonly watchDays: number;
  readonly harmDays: number;
  /** The stress that weighs most in the month, and each one's mean over it, 0 to 1. */
  readonly worst: StressKind;
  readonly stress: Stresses;
  /** Days to watch and of harm by what they come from; they add up to watchDays and harmDays. */
  readonly watchBy: Stresses;
  readonly harmBy: Stresses;
  readonly waterings: number;
  /** Waterings that were a flush. */
  readonly flushes: number;
  /** Mean air-filled porosity of the root zone, v/v. */
  readonly meanAir: number;
  /** Mean temperatures of the root zone and of the air about the pot, °C. */
  readonly rootZoneC: number;
  readonly airC: number;
  /** Conductivity of the water about the roots: mean and highest, dS/m. */
  readonly meanDsM: number;
  readonly highestDsM: number;
}

export interface YearReport {
  readonly months: readonly MonthReport[];
  /** Days of the year; they add up to it. */
  readonly fineDays: number;
  readonly watchDays: number;
  readonly harmDays: number;
  /** What would kill it first, and each stress's mean over the year, 0 to 1. */
  readonly worst: StressKind;
  readonly stress: Stresses;
  readonly watchBy: Stresses;
  readonly harmBy: Stresses;
  /** How well the roots fare by what the setup can change (air, drought, salt), 0 to 1: the year and its worst months alike. */
  readonly rootHealth: number;
  readonly waterings: number;
  readonly flushes: number;
  readonly longestDrySpellDays: number;
  readonly longestWetSpellDays: number;
  /** Least air-filled porosity of the root zone over the year, v/v. */
  readonly leastAir: number;
  /** Highest conductivity by layer from the bottom at the months’ ends as if just watered, dS/m, and salts at the surface at the year's end, g/m². */
  readonly layersDsM: readonly number[];
  readonly crustGM2: number;
}

export interface Readings {
  air: number;
  rootC: number;
  airC: number;
  dsM: number;
  highestDsM: number;
  looks: number;
  waterings: number;
  flushes: number;
}

export const noReadings = (): Readings => ({
  air: 0,
  rootC: 0,
  airC: 0,
  dsM: 0,
  highestDsM: 0,
  looks: 0,
  waterings: 0,
  flushes: 0,
});

const zero = (): Record<StressKind, number> => ({ air: 0, drought: 0, heat: 0, cold: 0, salt: 0 });

/** By name, not in a loop over the kinds: it is asked every day of every year. */
function add(sums: Record<StressKind, number>, stresses: Stresses, times: number): void {
  sums.air += stresses.air * times;
  sums.drought += stresses.drought * times;
  sums.heat += stresses.heat * times;
  sums.cold += stresses.cold * times;
  sums.salt += stresses.salt * times;
}

/** Written over every day. */
const squares = zero();

/** Sums of one month. Mutable. */
export class MonthTally {
  private fine = 0;
  private watch = 0;
  private harm = 0;
  private days = 0;
  private readonly sums = zero();
  private readonly watchBy = zero();
  private readonly harmBy = zero();
  readonly readings = noReadings();

  /** A day is judged at its middle, by what has gathered. */
  day(stresses: Stresses): void {
    const { fine, watch, harm } = dayShares(wholeStress(stresses));
    this.fine += fine;
    this.watch += watch;
    this.harm += harm;
    this.days += 1;
    add(this.sums, stresses, 1);
    if (fine >= 1) return;
    const { air, drought, heat, cold, salt } = stresses;
    squares.air = air * air;
    squares.drought = drought * drought;
    squares.heat = heat * heat;
    squares.cold = cold * cold;
    squares.salt = salt * salt;
    const whole = squares.air + squares.drought + squares.heat + squares.cold + squares.salt + 1e-30;
    add(this.watchBy, squares, watch / whole);
    add(this.harmBy, squares, harm / whole);
  }

  report(): MonthReport {
    const { days, readings } = this;
    const stress = zero();
    for (const kind of stressKinds) stress[kind] = this.sums[kind] / days;
    return {
      fineDays: this.fine,
      watchDays: this.watch,
      harmDays: this.harm,
      worst: worstKind(stress),
      stress,
      watchBy: this.watchBy,
      harmBy: this.harmBy,
      waterings: readings.waterings,
      flushes: readings.flushes,
      meanAir: readings.air / readings.looks,
      rootZoneC: readings.rootC / readings.looks,
      airC: readings.airC / readings.looks,
      meanDsM: readings.dsM / readings.looks,
      highestDsM: readings.highestDsM,
    };
  }
}

type YearSums = Pick<
  YearReport,
  | 'fineDays'
  | 'watchDays'
  | 'harmDays'
  | 'worst'
  | 'stress'
  | 'watchBy'
  | 'harmBy'
  | 'rootHealth'
  | 'waterings'
  | 'flushes'
>;

/** The share of root health left by air, drought and salt. */
function healthOf({ air, drought, salt }: Stresses): number {
  return (1 - air) * (1 - drought) * (1 - salt);
}

export function yearSums(months: readonly MonthReport[], daysInMonth: readonly number[]): YearSums {
  const daysInYear = daysInMonth.reduce((sum, days) => sum + days, 0);
  const sum = (of: (month: MonthReport) => number) => months.reduce((total, month) => total + of(month), 0);
  const mean = (of: (month: MonthReport) => number) =>
    months.reduce((total, month, i) => total + of(month) * daysInMonth[i]!, 0) / daysInYear;
  const [stress, watchBy, harmBy] = [zero(), zero(), zero()];
  for (const kind of stressKinds) {
    stress[kind] = mean((month) => month.stress[kind]);
    watchBy[kind] = sum((month) => month.watchBy[kind]);
    harmBy[kind] = sum((month) => month.harmBy[kind]);
  }
  const health = months.map((month) => healthOf(month.stress));
  const meanHealth = mean((month) => healthOf(month.stress));
  return {
    fineDays: sum((month) => month.fineDays),
    watchDays: sum((month) => month.watchDays),
    harmDays: sum((month) => month.harmDays),
    worst: worstOfYear(months),
    stress,
    watchBy,
    harmBy,
    rootHealth: (meanHealth + worstHealth(health)) / 2,
    waterings: sum((month) => month.waterings),
    flushes: sum((month) => month.flushes),
  };
}

/**
 * The worst month's health, nearly: a power mean of what is lacking. The least of twelve would jump as a watering falls on one
 * side or the other of a month's end.
 */
function worstHealth(health: readonly number[]): number {
  const mean = health.reduce((sum, value) => sum + (1 - value) ** WORST_POWER, 0) / health.length;
  return 1 - mean ** (1 / WORST_POWER);
}

/** The kind whose worst month is worst: one month of harm kills as surely as twelve. */
function worstOfYear(months: readonly MonthReport[]): StressKind {
  const peak = (kind: StressKind) => Math.max(...months.map((month) => month.stress[kind]));
  return stressKinds.reduce((worst, kind) => (peak(kind) > peak(worst) ? kind : worst), 'air');
}
