/** The collections, and leaving the example behind as one. */
import type { EntityManager } from '@mikro-orm/postgresql';
import { type CollectionRow, GrowersCollection } from './entity';
import { EXAMPLE_COLLECTION_ID, HOME_COLLECTION_ID } from './ids';
import type { Collections } from './schemas';
import type { Scope } from './scope';

const names: Readonly<Record<string, string>> = {
  [HOME_COLLECTION_ID]: 'My plants',
  [EXAMPLE_COLLECTION_ID]: 'Example collection',
};

/** The collection of a scope, made where there is none yet. */
export async function ensureCollection(em: EntityManager, scope: Scope): Promise<CollectionRow> {
  const known = await em.findOne(GrowersCollection, { id: scope.collectionId });
  if (known) return known;
  const made = em.create(GrowersCollection, {
    id: scope.collectionId,
    name: names[scope.collectionId] ?? 'Collection',
    createdAt: new Date(),
    demoLoadedAt: null,
    removedAt: null,
  });
  await em.persistAndFlush(made);
  return made;
}

interface Counted {
  readonly id: string;
  readonly plants: number;
  readonly places: number;
  readonly isLoaded: boolean;
  readonly isRemoved: boolean;
}

export async function listCollections(em: EntityManager): Promise<Collections> {
  const rows = await em.execute<Counted[]>(
    `select c.id,
            (select count(*)::int from plant where collection_id = c.id and deleted_at is null) as plants,
            (select count(*)::int from place where collection_id = c.id and deleted_at is null) as places,
            c.demo_loaded_at is not null as "isLoaded", c.removed_at is not null as "isRemoved"
       from collection c where c.id = any(?::uuid[])`,
    [`{${HOME_COLLECTION_ID},${EXAMPLE_COLLECTION_ID}}`],
  );
  const home = rows.find(({ id }) => id === HOME_COLLECTION_ID);
  const example = rows.find(({ id }) => id === EXAMPLE_COLLECTION_ID);
  return {
    home: { plants: home?.plants ?? 0, places: home?.places ?? 0 },
    example: {
      plants: example?.plants ?? 0,
      status: !example?.isLoaded ? 'not made' : example.isRemoved ? 'removed' : 'there',
    },
  };
}

/** Nothing was ever written into it: not even what was put away since. */
export async function isUntouched(em: EntityManager, { collectionId }: Scope): Promise<boolean> {
  const [row] = await em.execute<{ touched: boolean }[]>(
    `select exists (select 1 from plant where collection_id = ?) or exists (select 1 from place where collection_id = ?)
         or exists (select 1 from own_item where collection_id = ?) as touched`,
    [collectionId, collectionId, collectionId],
  );
  return row?.touched === false;
}

/** Removes the example as one, or brings it back; its rows stay as they are. false where it was never made. */
export async function setExampleRemoved(em: EntityManager, removedAt: Date | null): Promise<boolean> {
  const example = await em.findOne(GrowersCollection, { id: EXAMPLE_COLLECTION_ID });
  if (!example?.demoLoadedAt) return false;
  example.removedAt = removedAt;
  await em.flush();
  return true;
}
