/** Photographs of a collection. Deleting only hides. */
import { createHash } from 'node:crypto';
import type { EntityManager } from '@mikro-orm/postgresql';
import { GrowersCollection } from '../collections/entity';
import { writeOnce } from '../../runtime/database/write-once';
import type { Scope } from '../collections/scope';
import { Photo } from './entity';
import type { Picture } from './picture';
import type { PhotoInfo } from './schemas';

export const digestOfSent = (bytes: Buffer): string => createHash('sha256').update(bytes).digest('hex');

export type KnownPhoto =
  | { readonly status: 'known'; readonly info: PhotoInfo }
  /** Another photograph lies under this id. */
  | { readonly status: 'taken' }
  | { readonly status: 'new' };

/** Whether the same bytes lie under this id already; of another collection nothing is told but that the id is taken. */
export async function photoUnder(em: EntityManager, scope: Scope, id: string, sentSha256: string): Promise<KnownPhoto> {
  const row = await em.findOne(Photo, { id });
  if (!row) return { status: 'new' };
  const { widthPx, heightPx } = row;
  return row.collection.id === scope.collectionId && row.sentSha256 === sentSha256
    ? { status: 'known', info: { id, widthPx, heightPx } }
    : { status: 'taken' };
}

/** Keeps a photograph; the same one sent twice at a time is kept once. */
export async function keepPhoto(
  em: EntityManager,
  scope: Scope,
  id: string,
  sentSha256: string,
  picture: Picture,
): Promise<KnownPhoto> {
  const { whole, small, widthPx, heightPx } = picture;
  return writeOnce<KnownPhoto>(
    em,
    async (reading) => {
      const known = await photoUnder(reading, scope, id, sentSha256);
      return known.status === 'new' ? null : known;
    },
    async (inside) => {
      inside.create(Photo, {
        id,
        collection: inside.getReference(GrowersCollection, scope.collectionId),
        sentSha256,
        whole,
        small,
        widthPx,
        heightPx,
        createdAt: new Date(),
        hiddenAt: null,
      });
      await inside.flush();
      return { status: 'new' };
    },
    // Its id and the sum of what was sent are looked at above.
    null,
  );
}

/** The bytes of a photograph; null where this collection has none of that id. */
export async function photoBytes(
  em: EntityManager,
  scope: Scope,
  id: string,
  size: 'whole' | 'small',
): Promise<Buffer | null> {
  const row = await em.findOne(Photo, { id, collection: scope.collectionId, hiddenAt: null });
  const bytes = await row?.[size].load();
  return bytes ? Buffer.from(bytes) : null;
}

/** Hides or brings back a photograph; false when there is none of that id. */
export async function setPhotoHidden(
  em: EntityManager,
  scope: Scope,
  id: string,
  hiddenAt: Date | null,
): Promise<boolean> {
  const row = await em.findOne(Photo, { id, collection: scope.collectionId });
  if (!row) return false;
  row.hiddenAt = hiddenAt;
  await em.flush();
  return true;
}
