/** The two collections there are until accounts come. */
export const HOME_COLLECTION_ID = '6f1de3a2-6c0f-4b6a-9a5e-0c5a1b2d3e4f';
export const EXAMPLE_COLLECTION_ID = 'e8a3c9d4-17f2-4c55-8f0e-2b7d61c0a9e3';
