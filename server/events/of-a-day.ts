/** What a running potting day writes into its plants' lives, inside the day's own transaction. */
import { LockMode } from '@mikro-orm/core';
import type { EntityManager } from '@mikro-orm/postgresql';
import type { PlanCase, SetupSpec } from '@core';
import { metricWords, titleOf } from '@core/words';
import { Plant } from '../plants/entity';
import type { Scope } from '../scope';
import { PlantEvent } from './entity';
import { recordPlan, recordPotting } from './repository';
import { planInputSchema, type PottingRight } from './schemas';

type DayPotted =
  | { readonly status: 'recorded' | 'known already'; readonly eventId: string }
  | { readonly status: 'no such plant' | 'no such stock' };

/**
 * A plant potted on a day keeps its name; where it was changed since the day was prepared, and stands somewhere else now, it goes on
 * standing there.
 */
export async function recordDayPotting(
  em: EntityManager,
  scope: Scope,
  plantId: string,
  right: PottingRight,
  idempotencyKey: string,
): Promise<DayPotted> {
  const plant = await em.findOne(
    Plant,
    { id: plantId, collection: scope.collectionId, deletedAt: null },
    // Nobody changes it between being read and being written.
    { lockMode: LockMode.PESSIMISTIC_WRITE },
  );
  if (!plant) return { status: 'no such plant' };
  const { place } = plant.lastCase as { readonly place?: PlanCase['place'] };
  const planCase = { ...right.planCase, place: place ?? right.planCase.place } as PottingRight['planCase'];
  const input = { ...right, planCase, plantId, plantVersion: plant.version, plantName: plant.name, idempotencyKey };
  const recorded = await recordPotting(em, scope, input, titleOf(right.spec, metricWords));
  if (recorded.status === 'no such stock') return { status: 'no such stock' };
  if (!('plantId' in recorded)) return { status: 'no such plant' };
  const { id: eventId } = await em.findOneOrFail(PlantEvent, { collection: scope.collectionId, idempotencyKey });
  return { status: recorded.status, eventId };
}

/** A plant that is left for another day keeps its setup as a plan, with the reason. */
export async function recordDayPlan(
  em: EntityManager,
  scope: Scope,
  plantId: string,
  spec: SetupSpec,
  planCase: PlanCase,
  note: string,
  plannedOn: string,
  idempotencyKey: string,
): Promise<void> {
  const plant = await em.findOne(Plant, { id: plantId, collection: scope.collectionId, deletedAt: null });
  if (!plant) return;
  const input = planInputSchema.parse({
    plantId,
    plantName: plant.name,
    planCase,
    spec,
    note,
    plannedOn,
    idempotencyKey,
  });
  await recordPlan(em, scope, input, titleOf(spec, metricWords));
}
