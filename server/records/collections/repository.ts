import type { EntityManager } from '@mikro-orm/postgresql';
import type { Scope } from './scope';
import { GrowersCollection, type CollectionRow } from './entity';

/** The collection of a scope, made where there is none yet. */
export async function ensureCollection(em: EntityManager, scope: Scope): Promise<CollectionRow> {
  const known = await em.findOne(GrowersCollection, { id: scope.collectionId });
  if (known) return known;
  const made = em.create(GrowersCollection, {
    id: scope.collectionId,
    name: 'My bench',
    createdAt: new Date(),
    demoLoadedAt: null,
  });
  await em.persistAndFlush(made);
  return made;
}
