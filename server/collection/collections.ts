import type { EntityManager } from '@mikro-orm/postgresql';
import { Collection, type CollectionRow } from '../db/entities';

/** The one collection there is until accounts come. */
export const HOME_COLLECTION_ID = '6f1de3a2-6c0f-4b6a-9a5e-0c5a1b2d3e4f';

export async function ensureCollection(em: EntityManager): Promise<CollectionRow> {
  const known = await em.findOne(Collection, { id: HOME_COLLECTION_ID });
  if (known) return known;
  const made = em.create(Collection, {
    id: HOME_COLLECTION_ID,
    name: 'My bench',
    createdAt: new Date(),
    demoLoadedAt: null,
  });
  await em.persistAndFlush(made);
  return made;
}
