/** An entry of what is done in a few touches, written into a plant's life; kept by whoever ends the transaction. */
import { randomUUID } from 'node:crypto';
import type { EntityManager } from '@mikro-orm/postgresql';
import { GrowersCollection } from '../collections/entity';
import { PlantEvent } from './entity';
import type { PlantRow } from '../plants/entity';
import type { Scope } from '../collections/scope';
import type { CareKind } from './done-entry-schemas';
import { careVersions } from './done-schemas';

export interface NewCare {
  readonly plant: PlantRow;
  readonly kind: CareKind;
  /** YYYY-MM-DD */
  readonly happenedOn: string;
  readonly data: object;
  readonly idempotencyKey: string;
  /** Those of one batch are undone together. */
  readonly batchId: string | null;
}

export function newCare(em: EntityManager, scope: Scope, care: NewCare): void {
  em.create(PlantEvent, {
    id: randomUUID(),
    collection: em.getReference(GrowersCollection, scope.collectionId),
    ...care,
    title: care.kind,
    dataVersion: careVersions.newest,
    recordedAt: new Date(),
    version: 1,
    hiddenAt: null,
  });
}
