/** Whose things a request may see and change. Every repository function takes one. */
import { HOME_COLLECTION_ID } from './home';

export interface Scope {
  readonly collectionId: string;
}

/** The one collection there is until accounts come: then the request says whose it is. */
export const homeScope: Scope = { collectionId: HOME_COLLECTION_ID };
