/** The versions of what is asked: a case, alone or with a setup, a change, a mix. */
import * as z from 'zod';
import { type Checked, checkWith, FIRST_VERSION, upgraded, type Versions } from '../base';
import { withSigns } from './first-version';

/** Each change adds its upgrade here; examples/ prove that the first version is still understood. */
export const questionVersions: Versions = { newest: 2, upgrades: { 1: withSigns } };

/** A question's shape with the version it may carry; absent is the first. */
export function versioned<Shape extends z.ZodRawShape>(schema: z.ZodObject<Shape>) {
  const { newest } = questionVersions;
  const version = z.int().min(FIRST_VERSION).max(newest).optional();
  return schema.extend({ version: version.meta({ title: `version of this shape; absent = ${FIRST_VERSION}` }) });
}

const withVersion = z.looseObject({ version: z.unknown() });

/** Reads a question of any known version; what is wrong is told with its path. */
export function readQuestion<T>(
  schema: z.ZodType<T>,
  input: unknown,
  versions: Versions = questionVersions,
): Checked<T> {
  const carried = withVersion.safeParse(input);
  const version = carried.success && carried.data.version !== undefined ? carried.data.version : FIRST_VERSION;
  const current = upgraded(input, version, versions);
  if (current.status === 'unknown version') {
    const { newest } = versions;
    return { status: 'faulty', faults: [{ path: 'version', fact: { code: 'unknown version', newest } }] };
  }
  return checkWith(schema, unversioned(current.value));
}

function unversioned(value: unknown): unknown {
  if (typeof value !== 'object' || value === null || !('version' in value)) return value;
  const { version: _version, ...rest } = value;
  return rest;
}
