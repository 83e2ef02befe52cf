/** What the address of collections answers. Shared with the screens. */
import * as z from 'zod';

export const collectionsSchema = z.object({
  home: z.object({ plants: z.number(), places: z.number() }),
  example: z.object({
    plants: z.number(),
    /** not made: ./start --empty left it out. */
    status: z.enum(['there', 'removed', 'not made']),
  }),
});
export type Collections = z.infer<typeof collectionsSchema>;
