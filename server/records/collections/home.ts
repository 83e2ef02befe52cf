/** The one collection there is until accounts come. */
export const HOME_COLLECTION_ID = '6f1de3a2-6c0f-4b6a-9a5e-0c5a1b2d3e4f';
