/** What was taken in whole. Shared with the screens. */
import * as z from 'zod';

/** What was taken in, newest first: each can be undone as one. */
export const intakesSchema = z.object({
  intakes: z.array(
    z.object({
      id: z.uuid(),
      kind: z.enum(['list', 'archive']),
      name: z.string(),
      takenInAt: z.iso.datetime(),
      plants: z.number(),
      /** Entries, places, mixes, days and photographs beside them. */
      others: z.number(),
      undoneAt: z.iso.datetime().nullable(),
    }),
  ),
});
export type Intakes = z.infer<typeof intakesSchema>;
