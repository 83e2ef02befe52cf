/** What stands on a plant's tag and in its papers: changed as a whole, and what it was before is kept. */
import { randomUUID } from 'node:crypto';
import { isDeepStrictEqual } from 'node:util';
import { LockMode } from '@mikro-orm/core';
import type { EntityManager } from '@mikro-orm/postgresql';
import { inTransaction } from '../../runtime/database/in-transaction';
import type { Scope } from '../collections/scope';
import { meetingOf } from '../../runtime/database/seen-version';
import { livesChanged } from '../changes/lives';
import { Plant, PlantBefore, type PlantRow } from './entity';
import { type FactsHistory, type PlantFacts, plantFactsSchema } from './facts-schemas';

export const factsOf = (plant: PlantRow): PlantFacts =>
  plantFactsSchema.parse({
    name: plant.name,
    tagNumber: plant.tagNumber,
    parentage: plant.parentage,
    source: plant.source,
    acquiredOn: plant.acquiredOn,
    spot: plant.spot,
    flag: plant.flag,
  });

export type FactsChanged =
  | { readonly status: 'changed'; readonly version: number }
  | { readonly status: 'changed meanwhile'; readonly current: PlantFacts; readonly version: number }
  | { readonly status: 'no such plant' };

/**
 * Puts new facts in, unless the plant was changed since the version that the writer saw (null: none, so it has not been
 * seen). The same change sent again after a lost answer is there already.
 */
export async function changeFacts(
  em: EntityManager,
  scope: Scope,
  plantId: string,
  facts: PlantFacts,
  seenVersion: number | null,
): Promise<FactsChanged> {
  return inTransaction(em, async (inside): Promise<FactsChanged> => {
    const plant = await inside.findOne(
      Plant,
      { id: plantId, collection: scope.collectionId, deletedAt: null },
      { lockMode: LockMode.PESSIMISTIC_WRITE },
    );
    if (!plant) return { status: 'no such plant' };
    const current = factsOf(plant);
    const { version } = plant;
    const meeting = meetingOf(seenVersion, version, () => isDeepStrictEqual(current, facts));
    if (meeting === 'there already') return { status: 'changed', version };
    if (meeting === 'changed meanwhile') return { status: meeting, current, version };
    inside.create(PlantBefore, { id: randomUUID(), plant, version, facts: current, replacedAt: new Date() });
    Object.assign(plant, facts, { version: version + 1 });
    await inside.flush();
    await livesChanged(inside, [plantId]);
    return { status: 'changed', version: version + 1 };
  });
}

/** Facts before their changes, newest first; null when there is no such plant. */
export async function factsBefore(em: EntityManager, scope: Scope, plantId: string): Promise<FactsHistory | null> {
  const plant = await em.findOne(Plant, { id: plantId, collection: scope.collectionId, deletedAt: null });
  if (!plant) return null;
  const before = await em.find(PlantBefore, { plant }, { orderBy: { version: 'desc' } });
  return {
    before: before.map(({ version, facts, replacedAt }) => ({
      version,
      facts: plantFactsSchema.parse(facts),
      replacedAt: replacedAt.toISOString(),
    })),
  };
}
