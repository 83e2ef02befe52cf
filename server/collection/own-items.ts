/** Growers' own media, pots and genera: one table, one schema for each kind. Deleting only hides. */
import { randomUUID } from 'node:crypto';
import type { EntityManager } from '@mikro-orm/postgresql';
import type { z } from 'zod';
import { ownGenusSchema, ownMediumSchema, ownPotSchema, potKindById } from '@core';
import { Collection, OwnItem } from '../db/entities';
import { HOME_COLLECTION_ID } from './collections';

export const ownKinds = ['medium', 'pot', 'genus'] as const;
export type OwnKind = (typeof ownKinds)[number];

export const ownSchemas = {
  medium: ownMediumSchema,
  pot: ownPotSchema,
  genus: ownGenusSchema,
} as const satisfies Record<OwnKind, z.ZodType>;

export function isOwnKind(kind: string): kind is OwnKind {
  return (ownKinds as readonly string[]).includes(kind);
}

export interface OwnEntry {
  readonly id: string;
  readonly data: unknown;
}

const home = { collection: HOME_COLLECTION_ID } as const;

function nameOf(kind: OwnKind, data: unknown): string {
  if (kind === 'pot') {
    const { potKindId, rimDiameterCm } = ownPotSchema.parse(data);
    return `${potKindById(potKindId).name} ${rimDiameterCm} cm`;
  }
  return (data as { readonly name: string }).name;
}

export async function listOwn(em: EntityManager, kind: OwnKind): Promise<readonly OwnEntry[]> {
  const rows = await em.find(
    OwnItem,
    { ...home, kind, deletedAt: null },
    { orderBy: { name: 'asc', createdAt: 'asc' } },
  );
  return rows.map((row) => ({ id: row.id, data: row.data }));
}

/** data must have passed the schema of its kind. */
export async function saveOwn(em: EntityManager, kind: OwnKind, data: unknown): Promise<OwnEntry> {
  const id = randomUUID();
  em.create(OwnItem, {
    id,
    collection: em.getReference(Collection, HOME_COLLECTION_ID),
    kind,
    name: nameOf(kind, data),
    data,
    createdAt: new Date(),
    deletedAt: null,
  });
  await em.flush();
  return { id, data };
}

/** Hides or brings back an item; false when there is none of that id and kind. */
export async function setOwnDeleted(
  em: EntityManager,
  kind: OwnKind,
  itemId: string,
  deletedAt: Date | null,
): Promise<boolean> {
  const row = await em.findOne(OwnItem, { id: itemId, kind, ...home });
  if (!row) return false;
  row.deletedAt = deletedAt;
  await em.flush();
  return true;
}
