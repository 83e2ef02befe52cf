/** What the address of towns answers. Shared with the screens. */
import * as z from 'zod';

export const townSchema = z.object({
  name: z.string(),
  /** In English, as the rest of the program. */
  country: z.string(),
  /** ISO 3166 letters. */
  countryCode: z.string(),
  /** The part of the country, by its code; "" where none is known. */
  region: z.string(),
  latitudeDeg: z.number(),
  longitudeDeg: z.number(),
  population: z.number(),
});
export type Town = z.infer<typeof townSchema>;

export const townsSchema = z.object({ towns: z.array(townSchema) });
