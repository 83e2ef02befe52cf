/** Whose things a request may see and change. Every repository function takes one. */
import { EXAMPLE_COLLECTION_ID, HOME_COLLECTION_ID } from './ids';

export interface Scope {
  readonly collectionId: string;
}

/** The grower's own. */
export const homeScope: Scope = { collectionId: HOME_COLLECTION_ID };

/** Invented, to look around in. */
export const exampleScope: Scope = { collectionId: EXAMPLE_COLLECTION_ID };
