/**
 * Which collection a request is about: what its page says (a header, on each call), else what its browser chose (a cookie), else
 * what ./start was told. Known from the gateway on to everything that answers the request.
 */
import { AsyncLocalStorage } from 'node:async_hooks';
import type { IncomingHttpHeaders } from 'node:http';

export const collectionNames = ['home', 'example'] as const;
export type CollectionName = (typeof collectionNames)[number];

/** unchosen: nobody has said yet whether to begin with their own plants or to look around. */
export type AskedCollection = CollectionName | 'unchosen';

export const COLLECTION_COOKIE = 'tender-cairn-collection';
export const COLLECTION_HEADER = 'x-collection';

const nameOf = (text: unknown): CollectionName | null => collectionNames.find((name) => name === text) ?? null;

function inCookie(cookies: string): CollectionName | null {
  const said = cookies
    .split(';')
    .map((part) => part.trim().split('='))
    .find(([name]) => name === COLLECTION_COOKIE);
  return nameOf(said?.[1]);
}

export function collectionAsked(headers: IncomingHttpHeaders, otherwise: AskedCollection): AskedCollection {
  return nameOf(headers[COLLECTION_HEADER]) ?? inCookie(headers.cookie ?? '') ?? otherwise;
}

declare global {
  // The gateway runs requests in it, the bundled handlers find it.
  var tenderCairnAsked: AsyncLocalStorage<AskedCollection> | undefined;
}

const asked = (): AsyncLocalStorage<AskedCollection> => (globalThis.tenderCairnAsked ??= new AsyncLocalStorage());

/** Runs what answers a request, which may ask from anywhere what it is about. */
export const withCollection = <T>(collection: AskedCollection, answer: () => T): T => asked().run(collection, answer);

/** The grower's own where nothing is said: in tests, and for whatever is no request. */
export const askedCollection = (): AskedCollection => asked().getStore() ?? 'home';
