/** The figures of a life that matter: how old its bed is against its life here, shoots over the years, days between waterings. */
import { DAYS_PER_YEAR, dayNumber, type GrowthMapSaid, shootsSince } from '@core';
import type { PlantLog } from '@server/projections/plants/schemas';

export interface BedAge {
  readonly years: number;
  /** What it is reckoned to last here; null where that is not known. */
  readonly lifeYears: number | null;
}

const yearsBetween = (from: string, to: string): number => (dayNumber(to) - dayNumber(from)) / DAYS_PER_YEAR;

export function bedAge(
  { inMediumSince, needs }: Pick<PlantLog, 'inMediumSince' | 'needs'>,
  today: string,
): BedAge | null {
  if (inMediumSince === null) return null;
  const spent = needs.find(({ kind }) => kind === 'medium spent');
  const life = spent ? yearsBetween(inMediumSince, spent.dueOn) : null;
  return { years: Math.max(0, yearsBetween(inMediumSince, today)), lifeYears: life !== null && life > 0 ? life : null };
}

export interface DatedMap {
  readonly day: string;
  readonly map: GrowthMapSaid;
}

/** A case as it was kept may hold a map; other programs' cases may hold anything. */
const mapIn = (planCase: unknown): GrowthMapSaid | null =>
  (planCase as { growthMap?: GrowthMapSaid } | null)?.growthMap ?? null;

type PlantLife = Pick<PlantLog, 'pottings' | 'inspections'>;

const shootsOn = ({ plants }: GrowthMapSaid): number =>
  plants.reduce((sum, { bulbs, leads }) => sum + bulbs.length + leads.length, 0);

/** Less than this part of the shoots found again is another pot, or another plant's back. */
const LEAST_SHARED = 0.5;

const isOfOneSheet = (before: GrowthMapSaid, after: GrowthMapSaid): boolean => {
  const shared = shootsOn(after) - shootsSince(before, after).length;
  return shared >= LEAST_SHARED * Math.min(shootsOn(before), shootsOn(after));
};

/** The newest map and those before it on which its shoots stand in the same places, the earliest first: they lie on each other. */
export function mapsThatMatch({ pottings, inspections }: PlantLife): readonly DatedMap[] {
  const seen = inspections.flatMap(({ inspectedOn: day, inspection: { growthMap: map } }) =>
    map ? [{ day, map }] : [],
  );
  const days = new Set(seen.map(({ day }) => day));
  const potted = pottings.flatMap(({ pottedOn: day, planCase }) => {
    const map = mapIn(planCase);
    return map && !days.has(day) ? [{ day, map }] : [];
  });
  const all = [...seen, ...potted].sort((a, b) => a.day.localeCompare(b.day));
  let first = Math.max(0, all.length - 1);
  while (first > 0 && isOfOneSheet(all[first - 1]!.map, all[first]!.map)) first -= 1;
  return all.slice(first);
}

export interface ShootsIn {
  readonly year: string;
  readonly shoots: number;
}

/** As last counted in each year. */
export function shootsByYear({ pottings, inspections }: PlantLife): readonly ShootsIn[] {
  const counted = [
    ...inspections.flatMap(({ inspectedOn: day, inspection: { growthMap, shootCount } }) => {
      const shoots = growthMap ? shootsOn(growthMap) : shootCount;
      return shoots === undefined ? [] : [{ day, shoots }];
    }),
    ...pottings.flatMap(({ pottedOn: day, planCase }) => {
      const map = mapIn(planCase);
      const said = (planCase as { shootCount?: unknown } | null)?.shootCount;
      const shoots = map ? shootsOn(map) : said;
      return typeof shoots === 'number' ? [{ day, shoots }] : [];
    }),
  ].sort((a, b) => a.day.localeCompare(b.day));
  return [...new Map(counted.map(({ day, shoots }) => [day.slice(0, 4), shoots]))].map(([year, shoots]) => ({
    year,
    shoots,
  }));
}

const GAPS = 10;
const LEAST_GAPS = 3;

/** Days between the last waterings, the middle one of them; null where too few are written down. */
export function keptDays({ care }: Pick<PlantLog, 'care'>): number | null {
  const days = [...new Set(care.flatMap(({ kind, happenedOn }) => (kind === 'watered' ? [happenedOn] : [])))].sort();
  const gaps = days
    .slice(1)
    .map((day, n) => dayNumber(day) - dayNumber(days[n]!))
    .slice(-GAPS)
    .sort((a, b) => a - b);
  if (gaps.length < LEAST_GAPS) return null;
  const half = Math.floor(gaps.length / 2);
  return gaps.length % 2 === 1 ? gaps[half]! : (gaps[half - 1]! + gaps[half]!) / 2;
}

export interface DatedShoot {
  readonly xCm: number;
  readonly yCm: number;
  /** The day of the first map that has it. */
  readonly since: string;
}

/** Where each shoot stands, and since which map: all years in one. */
export function shootsWithDays(maps: readonly DatedMap[]): readonly DatedShoot[] {
  return maps.flatMap(({ day, map }, n) => {
    const before = maps[n - 1]?.map;
    const shoots = before ? shootsSince(before, map) : map.plants.flatMap(({ bulbs, leads }) => [...bulbs, ...leads]);
    return shoots.map(({ xCm, yCm }) => ({ xCm, yCm, since: day }));
  });
}
