/** Settings of the server from its environment; what cannot be used is said in one line. */
import * as z from 'zod';
import { LOOPBACK_NAMES } from './admit';
import type { AskedCollection } from './asked-collection';

const environmentSchema = z.object({
  PORT: z.coerce
    .number({ error: 'PORT must be a number from 1 to 65535' })
    .int('PORT must be a whole number')
    .min(1, 'PORT must be from 1 to 65535')
    .max(65535, 'PORT must be from 1 to 65535'),
  /** What is opened for whoever has not chosen. */
  CAIRN_OPENS: z
    .enum(['home', 'example', 'unchosen'], { error: 'CAIRN_OPENS must be home, example or unchosen' })
    .default('home'),
  /** Further names this server may be called by, with commas between. */
  CAIRN_HOSTS: z
    .string()
    .default('')
    .transform((text) =>
      text
        .split(',')
        .map((name) => name.trim().toLowerCase())
        .filter((name) => name !== ''),
    ),
});

export interface ServerSettings {
  readonly opens: AskedCollection;
  readonly port: number;
  readonly hosts: readonly string[];
}

/** @throws Error with one line for each setting that cannot be used. */
export function settingsFrom(environment: Readonly<Record<string, string | undefined>>): ServerSettings {
  const read = environmentSchema.safeParse(environment);
  if (!read.success) throw new Error(read.error.issues.map((issue) => issue.message).join('\n'));
  return {
    port: read.data.PORT,
    hosts: [...LOOPBACK_NAMES, ...read.data.CAIRN_HOSTS],
    opens: read.data.CAIRN_OPENS,
  };
}
