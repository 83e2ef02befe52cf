/** An entry of a plant's life, as it is written; kept by whoever ends the transaction. Nothing else makes one. */
import { randomUUID } from 'node:crypto';
import type { EntityManager } from '@mikro-orm/postgresql';
import { GrowersCollection } from '../collections/entity';
import type { Scope } from '../collections/scope';
import type { PlantRow } from '../plants/entity';
import type { QuickKind } from './quick-entry-schemas';
import { quickVersions } from './quick-schemas';
import { PlantEvent } from './entity';

export const MOST_TITLE = 200;

export interface NewEntry {
  readonly plant: PlantRow;
  readonly kind: string;
  /** YYYY-MM-DD */
  readonly happenedOn: string;
  /** What a list shows of it. */
  readonly title: string;
  readonly data: object;
  readonly dataVersion: number;
  readonly idempotencyKey: string;
  /** Those of one batch are undone together. */
  readonly batchId: string | null;
}

/** Says under which id. */
export function newEntry(em: EntityManager, scope: Scope, entry: NewEntry): string {
  const id = randomUUID();
  em.create(PlantEvent, {
    id,
    collection: em.getReference(GrowersCollection, scope.collectionId),
    ...entry,
    title: entry.title.slice(0, MOST_TITLE),
    recordedAt: new Date(),
    version: 1,
    hiddenAt: null,
  });
  return id;
}

/** What is done in a few touches: its kind is all a list shows of it. */
export const newQuick = (
  em: EntityManager,
  scope: Scope,
  done: Omit<NewEntry, 'title' | 'dataVersion' | 'kind'> & { readonly kind: QuickKind },
): string => newEntry(em, scope, { ...done, title: done.kind, dataVersion: quickVersions.newest });
