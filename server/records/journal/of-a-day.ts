/** What a running potting day writes into its plants' lives, inside the day's own transaction. */
import { LockMode } from '@mikro-orm/core';
import type { EntityManager } from '@mikro-orm/postgresql';
import type { PlanCase } from '@core';
import { Plant } from '../plants/entity';
import type { Scope } from '../collections/scope';
import { PlantEvent } from './entity';
import { recordPlan, recordPotting } from './record';
import { type PlanInput, planInputSchema, type PottingRight } from './schemas';

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
  title: string,
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
  const recorded = await recordPotting(em, scope, input, title);
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
  plan: Pick<PlanInput, 'planCase' | 'spec' | 'note' | 'plannedOn'> & { readonly idempotencyKey: string },
  title: string,
): Promise<void> {
  const plant = await em.findOne(Plant, { id: plantId, collection: scope.collectionId, deletedAt: null });
  if (!plant) return;
  const input = planInputSchema.parse({ ...plan, plantId, plantName: plant.name });
  await recordPlan(em, scope, input, title);
}
