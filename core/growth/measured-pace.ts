/**
 * How far and how often one plant steps, learned from maps of it drawn in different years. Its kind is what is believed
 * before; each new shoot moves the belief. Steps: a normal mean with known spread; shoots: a Poisson count with a gamma belief
 * (both conjugate; Gelman et al., Bayesian Data Analysis, 3rd ed. 2013, chapter 2).
 */
import type { GrowthHabit } from '../catalogue/genera';
import { k, spreadOf } from './constants';
import type { MappedPlant, Point } from './map';

/** A map, and when it was drawn, in years on any clock. */
export interface DatedMap {
  readonly atYear: number;
  readonly plants: readonly Pick<MappedPlant, 'bulbs' | 'leads'>[];
}

export interface MeasuredFigure {
  readonly value: number;
  /** Standard deviation of what is believed. */
  readonly spread: number;
  /** Of its kind. */
  readonly usual: number;
}

export interface MeasuredPace {
  readonly rhizomeStepCm: MeasuredFigure;
  readonly shootsPerYear: MeasuredFigure;
  /** New shoots seen, and over how many years. */
  readonly newShoots: number;
  readonly years: number;
}

interface Kind {
  readonly habit: GrowthHabit;
  readonly rhizomeStepCm: number;
  readonly shootsPerYear: number;
}

interface Growth {
  readonly steps: readonly number[];
  readonly shoots: number;
  /** Years that leads (or plants, where leads share the shoots) had to make them. */
  readonly exposure: number;
  readonly years: number;
}

const apart = (a: Point, b: Point): number => Math.hypot(a.xCm - b.xCm, a.yCm - b.yCm);

const shootsOf = ({ plants }: Pick<DatedMap, 'plants'>): readonly Point[] =>
  plants.flatMap(({ bulbs, leads }) => [...bulbs, ...leads]);

const nearest = (from: Point, others: readonly Point[]): number =>
  Math.min(...others.map((other) => apart(from, other)));

/** Shoots of a map that stand where none stood on the one before. */
export function shootsSince(before: Pick<DatedMap, 'plants'>, after: Pick<DatedMap, 'plants'>): readonly Point[] {
  const old = shootsOf(before);
  return shootsOf(after).filter((shoot) => nearest(shoot, old) > k.SAME_SHOOT_CM);
}

/**
 * What grew between two maps: shoots that stand where none stood, each a step from what stood before it. null where the two are
 * no maps of one plant in one frame: half of what stood there must stand there still.
 */
function growthBetween(before: DatedMap, after: DatedMap, kind: Kind): Growth | null {
  const years = after.atYear - before.atYear;
  const [old, now] = [shootsOf(before), shootsOf(after)];
  const kept = old.filter((shoot) => nearest(shoot, now) <= k.SAME_SHOOT_CM);
  if (years < k.LEAST_YEARS_BETWEEN || old.length === 0 || kept.length < old.length / 2) return null;
  const steps: number[] = [];
  const fresh = [...shootsSince(before, after)];
  const standing = now.filter((shoot) => !fresh.includes(shoot));
  // From the plant outwards: each new shoot has come from what is nearest of those already there.
  while (fresh.length > 0) {
    const next = fresh.reduce((best, shoot) => (nearest(shoot, standing) < nearest(best, standing) ? shoot : best));
    steps.push(nearest(next, standing));
    standing.push(next);
    fresh.splice(fresh.indexOf(next), 1);
  }
  const leadsOf = ({ plants }: DatedMap) => plants.reduce((sum, { leads }) => sum + Math.max(1, leads.length), 0);
  const makers = spreadOf[kind.habit].sharesShoots ? before.plants.length : (leadsOf(before) + leadsOf(after)) / 2;
  return { steps, shoots: steps.length, exposure: years * makers, years };
}

/** Mean of lognormal-like shares about 1, after so many with a known spread. */
function stepBelieved(steps: readonly number[], usualCm: number): MeasuredFigure {
  const usualWeight = 1 / k.STEP_DIFFERS_SHARE ** 2;
  const eachWeight = 1 / k.STEP_SPREAD ** 2;
  const weight = usualWeight + steps.length * eachWeight;
  const sum = steps.reduce((total, step) => total + step / usualCm, 0);
  const share = (usualWeight + eachWeight * sum) / weight;
  return { value: share * usualCm, spread: usualCm / Math.sqrt(weight), usual: usualCm };
}

function paceBelieved(shoots: number, exposure: number, usual: number): MeasuredFigure {
  const shape = 1 / k.PACE_DIFFERS_SHARE ** 2;
  const rate = shape / usual + exposure;
  return { value: (shape + shoots) / rate, spread: Math.sqrt(shape + shoots) / rate, usual };
}

/** maps in any order; null where no two of them tell of growth. */
export function measuredPaceOf(maps: readonly DatedMap[], kind: Kind): MeasuredPace | null {
  const { flatShare } = spreadOf[kind.habit];
  const seenStepCm = kind.rhizomeStepCm * flatShare;
  if (kind.habit === 'single stem' || !(seenStepCm > 0)) return null;
  const inTime = [...maps].sort((a, b) => a.atYear - b.atYear);
  const grown = inTime
    .slice(1)
    .map((map, index) => growthBetween(inTime[index]!, map, kind))
    .filter((growth) => growth !== null);
  if (grown.length === 0) return null;
  const sum = (of: (growth: Growth) => number) => grown.reduce((total, growth) => total + of(growth), 0);
  const step = stepBelieved(
    grown.flatMap(({ steps }) => steps),
    seenStepCm,
  );
  const along = (figure: MeasuredFigure): MeasuredFigure => ({
    value: figure.value / flatShare,
    spread: figure.spread / flatShare,
    usual: kind.rhizomeStepCm,
  });
  const newShoots = sum(({ shoots }) => shoots);
  return {
    rhizomeStepCm: along(step),
    shootsPerYear: paceBelieved(
      newShoots,
      sum(({ exposure }) => exposure),
      kind.shootsPerYear,
    ),
    newShoots,
    years: sum(({ years }) => years),
  };
}
