/** How much is taken in one request, and of what kind. */

/** A body of JSON of this many bytes is taken, a longer one is not. */
export const MOST_BODY_BYTES = 1_000_000;

/** An archive with its photographs may be as long as this; it is read piece by piece. */
export const MOST_ARCHIVE_BYTES = 4_000_000_000;

/** A whole list of plants may be as long as this. */
export const MOST_LIST_BYTES = 12_000_000;

/** A sent photograph of so many bytes is taken, a longer one is not. */
export const MOST_PHOTO_BYTES = 25_000_000;

/** What a picture may be sent as; what it is, its bytes tell. */
export const photoTypes = ['image/jpeg', 'image/png', 'image/webp'] as const;
