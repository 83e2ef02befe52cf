/** Reading an input by its Zod schema, and what Zod found wrong as facts of ours. */
import * as z from 'zod';
import type { FaultAt, FaultFact } from './fault-facts';

const carried = z.looseObject({ code: z.string() });

function factOf(message: string): FaultFact {
  if (!message.startsWith('{')) return { code: 'other', text: message };
  const parsed = carried.safeParse(JSON.parse(message));
  return parsed.success ? (parsed.data as unknown as FaultFact) : { code: 'other', text: message };
}

function pathOf(path: readonly PropertyKey[]): string {
  return path.length === 0 ? '(whole)' : path.map(String).join('.');
}

/** Flattens Zod's issues; of a union, the branch that came closest speaks. */
export function faultsOf(error: z.ZodError): readonly FaultAt[] {
  return error.issues.flatMap((issue): FaultAt[] => {
    if (issue.code === 'invalid_union' && issue.errors.length > 0) {
      const nested = [...issue.errors].sort((a, b) => depthOf(b) - depthOf(a))[0]!;
      if (depthOf(nested) > 0) {
        return nested.map((inner) => ({ path: pathOf([...issue.path, ...inner.path]), fact: factOf(inner.message) }));
      }
    }
    if (issue.code === 'unrecognized_keys') {
      return issue.keys.map((key) => ({ path: pathOf([...issue.path, key]), fact: { code: 'unknown field' } }));
    }
    return [{ path: pathOf(issue.path), fact: factOf(issue.message) }];
  });
}

function depthOf(issues: readonly { readonly path: readonly PropertyKey[] }[]): number {
  return Math.max(...issues.map((issue) => issue.path.length));
}

export type Checked<T> =
  { readonly status: 'ok'; readonly value: T } | { readonly status: 'faulty'; readonly faults: readonly FaultAt[] };

export function checkWith<T>(schema: z.ZodType<T>, input: unknown): Checked<T> {
  const result = schema.safeParse(input);
  return result.success ? { status: 'ok', value: result.data } : { status: 'faulty', faults: faultsOf(result.error) };
}
