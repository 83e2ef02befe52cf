/** What is on record since a potting, beside what was foreseen of it: what a judgement is held against. */
import { DAYS_PER_YEAR, dayNumber, judgePotting, readQuestion, questionSchemas, resolveCase, MS_PER_DAY } from '@core';
import type { QuickEntry } from '@server/records/journal/quick-entry-schemas';
import type { PlantLog } from '@server/projections/plants/schemas';

type Judgement = ReturnType<typeof judgePotting>;

export interface Judged {
  readonly on: string;
  readonly judgement: Judgement;
}

/** So many waterings make a mean worth telling. */
const LEAST_WATERINGS = 4;

const mean = (values: readonly number[]): number => values.reduce((sum, value) => sum + value, 0) / values.length;

/** Mean days between waterings that were written down between two days; null where they are few. */
export function keptBetween(
  care: readonly Pick<QuickEntry, 'kind' | 'happenedOn'>[],
  from: string,
  until: string,
): number | null {
  const days = care
    .filter(({ kind, happenedOn }) => kind === 'watered' && happenedOn >= from && happenedOn <= until)
    .map(({ happenedOn }) => dayNumber(happenedOn))
    .sort((a, b) => a - b);
  if (days.length < LEAST_WATERINGS) return null;
  return (days[days.length - 1]! - days[0]!) / (days.length - 1);
}

/** Mean of the months from one day to another. */
export function foreseenBetween(waterDays: readonly number[] | null, from: string, until: string): number | null {
  if (waterDays === null) return null;
  const months: number[] = [];
  for (let day = dayNumber(from); day <= dayNumber(until); day += 1) {
    months.push(waterDays[new Date(day * MS_PER_DAY).getUTCMonth()]!);
  }
  return months.length === 0 ? null : mean(months);
}

type Life = Pick<PlantLog, 'pottings' | 'inspections' | 'care' | 'waterDays' | 'nextWatering'>;

const liveRootsIn = (planCase: unknown): number | null => {
  const { liveRootsPct } = (planCase ?? {}) as { liveRootsPct?: unknown };
  return typeof liveRootsPct === 'number' ? liveRootsPct : null;
};

interface Counted {
  readonly found: number;
  /** The day of the count. */
  readonly until: string;
}

/** Shoots that were counted since, over those that were said when it was potted; null where either is missing. */
function shootsCounted(
  planCase: unknown,
  inspections: Life['inspections'],
  from: string,
  until: string,
): Counted | null {
  const { shootCount: before } = (planCase ?? {}) as { shootCount?: unknown };
  const newest = inspections.find(
    ({ inspectedOn, inspection }) =>
      inspectedOn > from && inspectedOn <= until && typeof inspection.shootCount === 'number',
  );
  if (typeof before !== 'number' || !newest) return null;
  return { found: Math.max(0, newest.inspection.shootCount! - before), until: newest.inspectedOn };
}

/** As its kind makes them in that time, on each of its fronts. */
function shootsForeseen(planCase: unknown, until: string, from: string): number | null {
  const read = readQuestion(questionSchemas().plan, planCase);
  if (read.status !== 'ok') return null;
  const { genus, fronts } = resolveCase(read.value).plant;
  return (genus.shootsPerYear * fronts * (dayNumber(until) - dayNumber(from))) / DAYS_PER_YEAR;
}

/** Judgements of the newest potting, the newest first. */
export function howItWent({ pottings, inspections, care, waterDays, nextWatering }: Life): readonly Judged[] {
  const [potting] = pottings;
  if (!potting) return [];
  return care.flatMap(({ kind, happenedOn: on, pottingId, holds, tips = null, bulbs = null }) => {
    if (kind !== 'nursed' || pottingId !== potting.id || holds === undefined) return [];
    const seen = inspections.find(({ inspectedOn }) => inspectedOn > potting.pottedOn && inspectedOn <= on);
    const counted = shootsCounted(potting.planCase, inspections, potting.pottedOn, on);
    const since = {
      foreseenDays: foreseenBetween(waterDays, potting.pottedOn, on),
      keptDays: keptBetween(care, potting.pottedOn, on),
      driesFactor: nextWatering?.factor ?? 1,
      rootsThenPct: liveRootsIn(potting.planCase),
      rootsNowPct: seen?.inspection.liveRootsPct ?? null,
      shootsForeseen: counted === null ? null : shootsForeseen(potting.planCase, counted.until, potting.pottedOn),
      shootsFound: counted?.found ?? null,
    };
    return [{ on, judgement: judgePotting({ holds, tips, bulbs }, since) }];
  });
}
