/** Reads and checks a JSON body; the answer is the value, or the response that says what is wrong. */
import type { z } from 'zod';
import { parseWith } from '@core';
import { problem } from './problem';

export type Body<T> =
  { readonly status: 'ok'; readonly value: T } | { readonly status: 'refused'; readonly response: Response };

export async function readBody<T>(request: Request, schema: z.ZodType<T>): Promise<Body<T>> {
  let raw: unknown;
  try {
    raw = await request.json();
  } catch {
    return {
      status: 'refused',
      response: problem(400, 'The body is not JSON.', [{ path: '(whole)', message: 'must be JSON' }]),
    };
  }
  const parsed = parseWith(schema, raw);
  if (parsed.status === 'ok') return parsed;
  return { status: 'refused', response: problem(422, 'Some values cannot be used.', parsed.faults) };
}
