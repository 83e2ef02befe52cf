/** What is planned for a date stands in the potting day of that date, if one is prepared: added, moved and taken back with the plan. */
import { isDeepStrictEqual } from 'node:util';
import { LockMode } from '@mikro-orm/core';
import type { EntityManager } from '@mikro-orm/postgresql';
import { type DayEntry, type DayKept, runOf, type SetupSpec, specId } from '@core';
import { inTransaction } from '../../runtime/database/in-transaction';
import type { Scope } from '../collections/scope';
import { type PlantPlan, plansOfPlant } from '../journal/plans-of-plant';
import { PottingDay } from './entity';
import { entriesOf, isHere, keptOf } from './repository';
import { dayVersions } from './schemas';

type DayPlant = DayKept['plants'][number];

export interface PlannedFor {
  readonly plantId: string;
  readonly name: string;
  /** Of the plan that stands open now; null where none does. */
  readonly openId: string | null;
  readonly urgency: number;
  readonly isSuspect: boolean;
}

/** The day with the plant in the setup that is planned for it, in its place if it is there already. */
function withPlan(day: DayKept, { plantId, name, urgency, isSuspect }: PlannedFor, plan: PlantPlan): DayKept {
  const planned = { case: plan.planCase, setup: plan.spec } as unknown as Pick<DayPlant, 'case' | 'setup'>;
  const isThere = day.plants.some(({ id }) => id === plantId);
  const plants = isThere
    ? day.plants.map((other) => (other.id === plantId ? { ...other, ...planned } : other))
    : [...day.plants, { id: plantId, name, ...planned, urgency, isSuspect }];
  return { ...day, plants };
}

const setupOf = (setup: DayPlant['setup'] | PlantPlan['spec']): string => (setup ? specId(setup as SetupSpec) : '');

/** The day without what only a plan brought that is not open any more; a day of nothing else stays. */
function withoutEarlier(day: DayKept, { plantId, openId }: PlannedFor, plans: readonly PlantPlan[]): DayKept {
  const earlier = plans.filter(({ forOn, eventId, isNow }) => forOn === day.on && !(isNow && eventId === openId));
  const brought = new Set(earlier.map(({ spec }) => setupOf(spec)));
  const plants = day.plants.filter(({ id, setup }) => id !== plantId || !brought.has(setupOf(setup)));
  return plants.length === 0 ? day : { ...day, plants };
}

/** Told by JSON, as it is kept. */
const asKept = (day: DayKept): unknown => JSON.parse(JSON.stringify(day));

/**
 * Makes the prepared days agree with what is planned for a plant; saying it twice changes nothing. A day that has begun loses no
 * plant, one that is over takes none, and what is potted stays as it is.
 */
export async function daysFollowPlans(em: EntityManager, scope: Scope, planned: PlannedFor): Promise<void> {
  await inTransaction(em, async (inside) => {
    const plans = await plansOfPlant(inside, scope, planned.plantId);
    const open = plans.find(({ eventId, isNow }) => isNow && eventId === planned.openId);
    const dates = [...new Set(plans.flatMap(({ forOn }) => forOn ?? []))];
    if (dates.length === 0) return;
    const rows = await inside.find(
      PottingDay,
      { ...isHere(scope), onDay: { $in: dates } },
      { lockMode: LockMode.PESSIMISTIC_WRITE, orderBy: { id: 'asc' } },
    );
    const ids = rows.map(({ id }) => id);
    const entries = ids.length === 0 ? new Map<string, DayEntry[]>() : await entriesOf(inside, scope, ids);
    for (const row of rows) {
      const day = keptOf(row);
      if (!day) continue;
      const run = runOf(day, entries.get(row.id) ?? []);
      const isPotted = run.plants.some(({ asked, status }) => asked.id === planned.plantId && status === 'potted');
      const isItsDay = open !== undefined && day.on === open.forOn;
      if (isPotted || run.isStopped || (!isItsDay && run.begunAtMs !== null)) continue;
      const now = isItsDay ? withPlan(day, planned, open) : withoutEarlier(day, planned, plans);
      if (isDeepStrictEqual(asKept(now), asKept(day))) continue;
      row.data = now;
      row.dataVersion = dayVersions.newest;
      row.version += 1;
    }
    await inside.flush();
  });
}
