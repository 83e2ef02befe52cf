/** Photographs that the server does not have yet: they lie in this browser, whatever happens to page or connection. */
import { type IDBPDatabase, openDB } from 'idb';

export interface QueuedPhoto {
  readonly id: string;
  readonly file: Blob;
  /** Why the server does not take it; null while it has not said. */
  readonly refusal: string | null;
}

export interface PhotoShelf {
  readonly put: (photo: QueuedPhoto) => Promise<void>;
  readonly list: () => Promise<readonly QueuedPhoto[]>;
  readonly get: (id: string) => Promise<QueuedPhoto | undefined>;
  readonly remove: (id: string) => Promise<void>;
}

const NAME = 'tender-cairn';
const STORE = 'photos';

let opened: Promise<IDBPDatabase> | null = null;
const database = () =>
  (opened ??= openDB(NAME, 1, { upgrade: (db) => void db.createObjectStore(STORE, { keyPath: 'id' }) }));

export const browserShelf: PhotoShelf = {
  put: async (photo) => void (await (await database()).put(STORE, photo)),
  list: async () => (await (await database()).getAll(STORE)) as QueuedPhoto[],
  get: async (id) => (await (await database()).get(STORE, id)) as QueuedPhoto | undefined,
  remove: async (id) => (await database()).delete(STORE, id),
};

/** For tests and where a browser keeps nothing. */
export function passingShelf(): PhotoShelf {
  const photos = new Map<string, QueuedPhoto>();
  return {
    put: async (photo) => void photos.set(photo.id, photo),
    list: async () => [...photos.values()],
    get: async (id) => photos.get(id),
    remove: async (id) => void photos.delete(id),
  };
}
