/** Reads and checks a JSON body; the answer is the value, or the response that says what is wrong. */
import type { z } from 'zod';
import { readQuestion } from '@core';
import { parseWith, wordFault } from '@core/words';
import { problem, type SaidFault } from './problem';

export type Body<T> =
  { readonly status: 'ok'; readonly value: T } | { readonly status: 'refused'; readonly response: Response };

const refused = (faults: readonly SaidFault[]): Body<never> => ({
  status: 'refused',
  response: problem(422, 'Some values cannot be used.', faults),
});

async function jsonOf(request: Request): Promise<Body<unknown>> {
  try {
    return { status: 'ok', value: await request.json() };
  } catch {
    const faults = [{ path: '(whole)', message: 'must be JSON' }];
    return { status: 'refused', response: problem(400, 'The body is not JSON.', faults) };
  }
}

export async function readBody<T>(request: Request, schema: z.ZodType<T>): Promise<Body<T>> {
  const raw = await jsonOf(request);
  if (raw.status === 'refused') return raw;
  const parsed = parseWith(schema, raw.value);
  return parsed.status === 'ok' ? parsed : refused(parsed.faults);
}

/** The same for a question to the core, of any version it knows. */
export async function readAsked<T>(request: Request, schema: z.ZodType<T>): Promise<Body<T>> {
  const raw = await jsonOf(request);
  if (raw.status === 'refused') return raw;
  const checked = readQuestion(schema, raw.value);
  return checked.status === 'ok' ? checked : refused(checked.faults.map(wordFault));
}
