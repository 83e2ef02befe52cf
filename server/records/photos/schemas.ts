/** What the photographs' addresses take and answer. Shared with the screens. */
import * as z from 'zod';

export { MOST_PHOTO_BYTES, photoTypes } from '../../runtime/http/limits';

export const photoSchema = z.object({ id: z.uuid(), widthPx: z.int(), heightPx: z.int() });
export type PhotoInfo = z.infer<typeof photoSchema>;
