/** Flags of a command, each with a value, checked by a schema. */
import { parseArgs } from 'node:util';
import type * as z from 'zod';
import { UsageError } from './input';

/** @throws UsageError with one line for each flag that is not known or cannot be used. */
export function flagsIn<S extends z.ZodObject>(schema: S, args: readonly string[]): z.infer<S> {
  let values: Record<string, unknown>;
  try {
    const options = Object.fromEntries(Object.keys(schema.shape).map((name) => [name, { type: 'string' as const }]));
    ({ values } = parseArgs({ args: [...args], options }));
  } catch (error) {
    throw new UsageError(error instanceof Error ? error.message : String(error));
  }
  const parsed = schema.safeParse(values);
  if (!parsed.success) throw new UsageError(parsed.error.issues.map((issue) => issue.message).join('\n'));
  return parsed.data;
}
