/** One window at a time: by the browser's locks, and where a page has none (without TLS) by a lease that they all see. */
import { type DBSchema, openDB } from 'idb';
import { newId } from '../browser/new-id';

export type Alone = (work: () => Promise<void>) => Promise<void>;

const NAME = 'tender-cairn.outbox';

interface Leases extends DBSchema {
  leases: { key: string; value: { readonly name: string; readonly holder: string; readonly until: number } };
}

/** A holder renews it while it works; one that is gone holds nothing up for longer. */
const LEASE_MS = 15_000;
const ASK_AGAIN_MS = 250;

export function byLease(now: () => number = Date.now): Alone {
  const me = newId();
  const database = openDB<Leases>('tender-cairn-lease', 1, {
    upgrade: (db) => void db.createObjectStore('leases', { keyPath: 'name' }),
  });
  const take = async (): Promise<boolean> => {
    const tx = (await database).transaction('leases', 'readwrite');
    const held = await tx.store.get(NAME);
    const isFree = !held || held.holder === me || held.until < now();
    if (isFree) void tx.store.put({ name: NAME, holder: me, until: now() + LEASE_MS });
    await tx.done;
    return isFree;
  };
  return async (work) => {
    while (!(await take())) await new Promise((resolve) => setTimeout(resolve, ASK_AGAIN_MS));
    const renewing = setInterval(() => void take(), LEASE_MS / 3);
    try {
      await work();
    } finally {
      clearInterval(renewing);
      await (await database).delete('leases', NAME);
    }
  };
}

export function aloneInBrowser(): Alone {
  const { locks } = navigator as { readonly locks?: LockManager };
  return locks ? (work) => locks.request(NAME, work) : byLease();
}
