/** All that was ever planned for a plant, also what was taken back or said otherwise since. */
import type { EntityManager } from '@mikro-orm/postgresql';
import type { PlanCase, SetupSpec } from '@core';
import type { Scope } from '../collections/scope';
import { EventBefore, PlantEvent } from './entity';
import { contentOf } from './read';

export interface PlantPlan {
  readonly eventId: string;
  readonly planCase: PlanCase;
  readonly spec: SetupSpec;
  /** YYYY-MM-DD; null for no day. */
  readonly forOn: string | null;
  /** As it is said now, not as it was before a correction. */
  readonly isNow: boolean;
}

export async function plansOfPlant(em: EntityManager, scope: Scope, plantId: string): Promise<readonly PlantPlan[]> {
  const events = await em.find(PlantEvent, { plant: plantId, kind: 'planned', collection: scope.collectionId });
  const before = await em.find(EventBefore, { event: { $in: events.map(({ id }) => id) } });
  const rows = [
    ...events.map((event) => ({ row: event, eventId: event.id, isNow: true })),
    ...before.map((earlier) => ({ row: earlier, eventId: earlier.event.id, isNow: false })),
  ];
  return rows.flatMap(({ row, eventId, isNow }) => {
    const content = contentOf('planned', row);
    if (!content) return [];
    const { id: _, ...spec } = content.spec;
    return [
      {
        eventId,
        planCase: content.planCase as PlanCase,
        spec: spec as unknown as SetupSpec,
        forOn: content.forOn,
        isNow,
      },
    ];
  });
}

/** Of whom a plan is; null where the entry is none. */
export async function plantOfPlan(em: EntityManager, scope: Scope, eventId: string): Promise<string | null> {
  const event = await em.findOne(PlantEvent, { id: eventId, kind: 'planned', collection: scope.collectionId });
  return event?.plant.id ?? null;
}
