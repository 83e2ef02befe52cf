import * as z from 'zod';

const idSchema = z.uuid();

/** Ids in addresses are checked before they reach the database. */
export function isId(text: string): boolean {
  return idSchema.safeParse(text).success;
}
