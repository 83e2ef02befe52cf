/** What the photographs' addresses take and answer. Shared with the screens. */
import * as z from 'zod';

/** A sent file of so many bytes is taken, a longer one is not. */
export const MOST_PHOTO_BYTES = 25_000_000;
/** What a picture may be sent as; what it is, its bytes tell. */
export const photoTypes = ['image/jpeg', 'image/png', 'image/webp'] as const;

export const photoSchema = z.object({ id: z.uuid(), widthPx: z.int(), heightPx: z.int() });
export type PhotoInfo = z.infer<typeof photoSchema>;
