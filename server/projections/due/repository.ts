/** What is due, ranked over all plants that are here, by the core's judgement of each. */
import type { EntityManager } from '@mikro-orm/postgresql';
import { dayNumber, dayOf, firstNeed, type Need, nextMonth, urgencyOf, DAYS_PER_WEEK } from '@core';
import type { Scope } from '../../records/collections/scope';
import type { DueList, DuePlant, PlannedPlant, SpanAhead, PlantToWater } from './schemas';
import { type Judged, judgedPlant, judgedPlants, type ListedPlant } from './judged';
import { type Sort, sortOf } from './sorts';
import type { WaterNext } from './state-row';

/** More than these nobody does in a day. */
const MOST_SHOWN = 200;

/** Days order as they are written; of thousands of names the alphabet's finer points are not asked. */
const inOrder = (one: string, other: string): number => (one < other ? -1 : one > other ? 1 : 0);

const told = (row: ListedPlant) => ({
  plantId: row.id,
  name: row.name,
  genusId: row.genus_id,
  tagNumber: row.tag_number,
  placeName: row.place_name,
  spot: row.spot,
  planned: row.planned,
});

const MONTHS_AHEAD = 12;
const WEEKS_AHEAD = 5;

/** The first days of the twelve months from the one of today on. */
function monthsFrom(today: string): readonly string[] {
  const [year, month] = [Number(today.slice(0, 4)), Number(today.slice(5, 7)) - 1];
  return Array.from({ length: MONTHS_AHEAD }, (_, n) =>
    new Date(Date.UTC(year, month + n, 1)).toISOString().slice(0, 10),
  );
}

const weeksFrom = (today: string): readonly string[] =>
  Array.from({ length: WEEKS_AHEAD }, (_, n) => dayOf(dayNumber(today) + DAYS_PER_WEEK * n));

/** Where a need falls on the calendar: when it can be done, and never before today. */
function dayFor({ dueOn, notBefore }: Need, today: string): string {
  const from = dueOn > today ? dueOn : today;
  return notBefore !== null && notBefore > from ? notBefore : from;
}

type Counts = Record<Sort, number>;

interface Coming {
  readonly placeName: string;
  readonly sort: Sort;
  readonly on: string;
}

/** Of each plant the first of a sort. */
function comingOf(judged: readonly Judged[], today: string): readonly Coming[] {
  return judged.flatMap(({ row, needs }) => {
    const firsts = new Map<Sort, string>();
    for (const need of needs) {
      const sort = sortOf(need.kind);
      if (sort === null) continue;
      const on = dayFor(need, today);
      const first = firsts.get(sort);
      if (first === undefined || on < first) firsts.set(sort, on);
    }
    return [...firsts].map(([sort, on]) => ({ placeName: row.place_name ?? '', sort, on }));
  });
}

/** How many plants want repotting, flushing and looking at in each span of time, by place. end: the first day after the last span. */
function aheadOf(coming: readonly Coming[], spans: readonly string[], end: string): SpanAhead[] {
  const bySpan = spans.map(() => new Map<string, Counts>());
  for (const { placeName, sort, on } of coming) {
    const at = on >= end ? -1 : spans.filter((from) => from <= on).length - 1;
    const places = bySpan[at];
    if (!places) continue;
    const counts = places.get(placeName) ?? { repot: 0, flush: 0, look: 0 };
    counts[sort] += 1;
    places.set(placeName, counts);
  }
  return spans.map((from, n) => ({
    from,
    places: [...bySpan[n]!]
      .map(([placeName, counts]) => ({ placeName, ...counts }))
      .sort((a, b) => a.placeName.localeCompare(b.placeName)),
  }));
}

/** Of thousands only what is shown is made into entries. */
function duePlants(judged: readonly Judged[]): { readonly shown: DuePlant[]; readonly total: number } {
  const due: { readonly one: Judged; readonly need: Need; readonly urgency: number }[] = [];
  for (const one of judged) {
    const need = firstNeed(one.needs);
    if (need !== null) due.push({ one, need, urgency: urgencyOf(one.needs) });
  }
  due.sort((a, b) => b.urgency - a.urgency || inOrder(a.one.row.name, b.one.row.name));
  const shown = due.slice(0, MOST_SHOWN).map(({ one: { row, needs }, need, urgency }) => ({
    ...told(row),
    urgency,
    need,
    others: needs
      .slice(1)
      .filter((other) => other.urgency >= WORTH_NAMING)
      .map(({ kind }) => kind),
  }));
  return { shown, total: due.length };
}

/** A need less urgent than this is not named beside another. */
const WORTH_NAMING = 0.15;

function thirsty(judged: readonly Judged[], today: string): PlantToWater[] {
  return judged
    .flatMap(({ row, next }) => (next !== null && next.on <= today ? [{ row, next }] : []))
    .sort((a, b) => inOrder(a.next.on, b.next.on) || inOrder(a.row.name, b.row.name))
    .slice(0, MOST_SHOWN)
    .map(({ row, next: { on: waterOn, days, isRefill } }) => ({
      ...told(row),
      wateredOn: row.watered_on!,
      waterOn,
      days,
      isRefill,
    }));
}

/** Days are written so that this comes after all of them. */
const NO_DAY = '9999-12-31';

function plannedPlants(judged: readonly Judged[]): PlannedPlant[] {
  return judged
    .flatMap(({ row }) => (row.planned ? [{ ...told(row), planned: row.planned }] : []))
    .sort((a, b) => inOrder(a.planned.forOn ?? NO_DAY, b.planned.forOn ?? NO_DAY) || inOrder(a.name, b.name))
    .slice(0, MOST_SHOWN);
}

/** today: YYYY-MM-DD, by the grower's clock. */
export async function dueList(em: EntityManager, scope: Scope, today: string): Promise<DueList> {
  const judged = await judgedPlants(em, scope, today);
  const due = duePlants(judged);
  const coming = comingOf(judged, today);
  const [months, weeks] = [monthsFrom(today), weeksFrom(today)];
  return {
    today,
    plants: due.shown,
    total: due.total,
    water: thirsty(judged, today),
    planned: plannedPlants(judged),
    ahead: aheadOf(coming, months, nextMonth(months.at(-1)!)),
    weeks: aheadOf(coming, weeks, dayOf(dayNumber(weeks.at(-1)!) + DAYS_PER_WEEK)),
    reckoning: judged.filter(({ row }) => !row.is_reckoned).length,
  };
}

export interface PlantNeeds {
  readonly needs: Need[];
  readonly nextWatering: WaterNext | null;
  /** Days from a watering to the next by month, as reckoned; null where nothing is. */
  readonly waterDays: number[] | null;
  /** What is to come of it has been worked out as it stands now. */
  readonly isReckoned: boolean;
}

/** Of one plant all of its needs, and its next watering. */
export async function needsOfPlant(
  em: EntityManager,
  scope: Scope,
  plantId: string,
  today: string,
): Promise<PlantNeeds> {
  const one = await judgedPlant(em, scope, plantId, today);
  if (!one) return { needs: [], nextWatering: null, waterDays: null, isReckoned: true };
  const { needs, next, waterDays, row } = one;
  return {
    needs: [...needs],
    nextWatering: next,
    waterDays: waterDays === null ? null : [...waterDays],
    isReckoned: row.is_reckoned,
  };
}
