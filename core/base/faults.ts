/** What is wrong with an input: where, and what would be accepted. */
import type { z } from 'zod';

export interface Fault {
  /** Dotted path of the field, "(whole)" for the input as such. */
  readonly path: string;
  readonly message: string;
}

function pathOf(path: readonly PropertyKey[]): string {
  return path.length === 0 ? '(whole)' : path.map(String).join('.');
}

/** Flattens Zod's issues; of a union, the branch that came closest speaks. */
export function faultsOf(error: z.ZodError): readonly Fault[] {
  return error.issues.flatMap((issue): Fault[] => {
    if (issue.code === 'invalid_union' && issue.errors.length > 0) {
      const nested = [...issue.errors].sort((a, b) => depthOf(b) - depthOf(a))[0]!;
      if (depthOf(nested) > 0) {
        return nested.map((inner) => ({ path: pathOf([...issue.path, ...inner.path]), message: inner.message }));
      }
    }
    if (issue.code === 'unrecognized_keys') {
      return issue.keys.map((key) => ({
        path: pathOf([...issue.path, key]),
        message: 'is not a field this understands',
      }));
    }
    return [{ path: pathOf(issue.path), message: issue.message }];
  });
}

function depthOf(issues: readonly { readonly path: readonly PropertyKey[] }[]): number {
  return Math.max(...issues.map((issue) => issue.path.length));
}

export function faultLine(fault: Fault): string {
  return `${fault.path}: ${fault.message}`;
}

/** Thrown where a computation is asked for something its input cannot give. */
export class FaultError extends Error {
  constructor(readonly faults: readonly Fault[]) {
    super(faults.map(faultLine).join('\n'));
    this.name = 'FaultError';
  }
}

export type Parsed<T> =
  { readonly status: 'ok'; readonly value: T } | { readonly status: 'faulty'; readonly faults: readonly Fault[] };

export function parseWith<T>(schema: z.ZodType<T>, input: unknown): Parsed<T> {
  const result = schema.safeParse(input);
  return result.success ? { status: 'ok', value: result.data } : { status: 'faulty', faults: faultsOf(result.error) };
}
