/** Asking the server, and understanding what it answers by the schema of its route. */
import type * as z from 'zod';
import { call } from './browser/transport';

/** An answer that is not what the route promises is a fault of the program, said as such. */
export function understood<T>(schema: z.ZodType<T>, answer: unknown): T {
  const parsed = schema.safeParse(answer);
  if (!parsed.success) throw new Error('The server answered something this page does not understand. Load it again.');
  return parsed.data;
}

export async function ask<T>(schema: z.ZodType<T>, path: string): Promise<T> {
  return understood(schema, await call('GET', path));
}
