/**
 * Is this a place for it at all? Warmth by day and night, damp of the air and light against what the genus wants, month by
 * month, before any potting. Strain is 0 where it suits and 1 where it does not; each cause has its own.
 */
import type { Genus } from '../../catalogue/genera';
import { meanAir, type MonthAir, type Place } from '../../physics/places';
import { cold, heat, type Warmth, warmthOf } from '../../physics/stress';
import { k, leastLightMol, mostLightMol, wantedHumidityPct } from './constants';

export type FitVerdict = 'suits' | 'with care' | 'does not suit';

/** What a place lacks, with what it has there and what the plant wants. */
export type FitCause =
  | {
      readonly code: 'hot days' | 'hot nights' | 'cold' | 'no winter';
      readonly thereC: number;
      readonly wantedC: number;
    }
  | { readonly code: 'dry air'; readonly therePct: number; readonly wantedPct: number }
  | { readonly code: 'too dark' | 'too bright'; readonly thereMol: number; readonly wantedMol: number };

interface Strain {
  readonly strain: number;
  readonly cause: FitCause;
}

export interface MonthFit extends Strain {
  readonly verdict: FitVerdict;
}

export interface PlaceFit {
  readonly verdict: FitVerdict;
  /** January to December. */
  readonly months: readonly MonthFit[];
  /** The worst month, 0 = January, where a month and not the year (its light, its winter) decides; null where that does, or all suits. */
  readonly worstMonth: number | null;
  /** What decides; null where all suits. */
  readonly cause: FitCause | null;
  /** Light of its bright half of the year as a share of the least the plant wants, 0 to 1. */
  readonly lightShare: number;
  /** How badly it suits over its worst months, 0 to 1. */
  readonly badness: number;
}

type FitGenus = Pick<Genus, 'temperature' | 'light' | 'regime' | 'cover'>;

function verdictOf(strain: number): FitVerdict {
  if (strain >= 1) return 'does not suit';
  return strain >= k.CARE_FROM ? 'with care' : 'suits';
}

const worstOf = (strains: readonly Strain[]): Strain =>
  strains.reduce((worst, one) => (one.strain > worst.strain ? one : worst));

function ofWarmth(warmth: Warmth, { day, night }: MonthAir): readonly Strain[] {
  const coldest = Math.min(day.temperatureC, night.temperatureC);
  return [
    {
      strain: heat(warmth, day.temperatureC, 1),
      cause: { code: 'hot days', thereC: day.temperatureC, wantedC: warmth.dayWarm },
    },
    {
      strain: heat(warmth, night.temperatureC, 0),
      cause: { code: 'hot nights', thereC: night.temperatureC, wantedC: warmth.nightWarm },
    },
    { strain: cold(warmth, coldest), cause: { code: 'cold', thereC: coldest, wantedC: warmth.cool } },
  ];
}

function ofDamp(wantedPct: number, month: MonthAir): Strain {
  const therePct = meanAir(month).relativeHumidityPct;
  const strain = Math.max(0, (wantedPct - therePct) / k.DRY_POINTS);
  return { strain, cause: { code: 'dry air', therePct, wantedPct } };
}

/** Humidity wanted, per cent. */
function wantedDampPct({ regime, temperature, cover }: FitGenus): number {
  const cool = temperature === 'cool' ? k.COOL_WANTS_POINTS : 0;
  const bare = cover === 'refuses cover' ? k.BARE_WANTS_POINTS : 0;
  return wantedHumidityPct[regime] + cool + bare;
}

/** Light a day that plants can use, mol/m². Light is kept as what a pot takes up over its hours. */
export function lightMolOf({ lightWattsPerM2, lightHours }: MonthAir): number {
  return (lightWattsPerM2 / k.TAKEN_UP_SHARE) * lightHours * k.MJ_PER_WH * k.MOL_PER_MJ;
}

/** Light a day over the bright half of the year, mol/m². */
function brightMol(months: readonly MonthAir[]): number {
  const brightest = months
    .map(lightMolOf)
    .sort((a, b) => b - a)
    .slice(0, k.BRIGHT_MONTHS);
  return brightest.reduce((sum, mol) => sum + mol, 0) / brightest.length;
}

function ofLight({ light }: FitGenus, thereMol: number): Strain {
  const [least, most] = [leastLightMol[light], mostLightMol[light]];
  if (thereMol <= least) {
    const strain = (1 - thereMol / least) / (1 - k.DARK_SHARE);
    return { strain, cause: { code: 'too dark', thereMol, wantedMol: least } };
  }
  const strain = Math.min(k.MOST_BY_BRIGHT, Math.max(0, (thereMol / most - 1) / (k.BRIGHT_TIMES - 1)));
  return { strain, cause: { code: 'too bright', thereMol, wantedMol: most } };
}

/** A cold winter, for kinds that need one to flower or to wake. */
function ofWinter({ winterCool, winterWarm }: Warmth, months: readonly MonthAir[]): Strain {
  const thereC = Math.min(...months.map((month) => meanAir(month).temperatureC));
  const isWanted = Number.isFinite(winterCool);
  const strain = isWanted ? Math.max(0, (thereC - winterCool) / (winterWarm - winterCool)) : 0;
  return { strain, cause: { code: 'no winter', thereC, wantedC: winterCool } };
}

export function placeFit(genus: FitGenus, place: Pick<Place, 'months'>): PlaceFit {
  const warmth = warmthOf[genus.temperature];
  const dampPct = wantedDampPct(genus);
  const months = place.months.map((month): MonthFit => {
    const worst = worstOf([...ofWarmth(warmth, month), ofDamp(dampPct, month)]);
    return { ...worst, verdict: verdictOf(worst.strain) };
  });
  const thereMol = brightMol(place.months);
  const light = worstOf([ofLight(genus, thereMol), ofWinter(warmth, place.months)]);
  const worstMonth = worstOf(months);
  const deciding = worstOf([worstMonth, light]);
  const verdict = verdictOf(deciding.strain);
  const isOfTheYear = deciding === light;
  return {
    verdict,
    months,
    worstMonth: verdict === 'suits' || isOfTheYear ? null : months.indexOf(worstMonth as MonthFit),
    cause: verdict === 'suits' ? null : deciding.cause,
    lightShare: Math.min(1, thereMol / leastLightMol[genus.light]),
    badness: badnessOf(months, light),
  };
}

/** The worst months together, or what the year lacks: light, a winter. */
function badnessOf(months: readonly Strain[], light: Strain): number {
  const worst = months
    .map(({ strain }) => Math.min(k.MOST_STRAIN, strain))
    .sort((a, b) => b - a)
    .slice(0, k.WORST_MONTHS);
  const overMonths = worst.reduce((sum, strain) => sum + strain, 0) / worst.length;
  const strain = Math.max(overMonths, Math.min(k.MOST_STRAIN, light.strain));
  return Math.max(0, strain - k.CARE_FROM) / (k.MOST_STRAIN - k.CARE_FROM);
}

/** The places where it fares best, the best first: only such as suit it better than the one it stands in. */
export function betterPlaces<P extends Pick<Place, 'id' | 'months'>>(
  genus: FitGenus,
  now: PlaceFit,
  places: readonly P[],
): readonly { readonly place: P; readonly fit: PlaceFit }[] {
  const order: Readonly<Record<FitVerdict, number>> = { suits: 0, 'with care': 1, 'does not suit': 2 };
  return places
    .map((place) => ({ place, fit: placeFit(genus, place) }))
    .filter(({ fit }) => order[fit.verdict] < order[now.verdict])
    .sort((a, b) => order[a.fit.verdict] - order[b.fit.verdict] || a.fit.badness - b.fit.badness);
}
