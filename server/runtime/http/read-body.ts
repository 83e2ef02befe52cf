/** Reads and checks a JSON body; the answer is the value, or the response that says what is wrong. */
import type { z } from 'zod';
import { readQuestion } from '@core';
import { parseWith, wordFault } from '@core/words';
import { MOST_BODY_BYTES } from './limits';
import { faultIn, MOST_JSON_VALUES, readText } from './body-text';
import { problem, type SaidFault } from './problem';

export type Body<T> =
  { readonly status: 'ok'; readonly value: T } | { readonly status: 'refused'; readonly response: Response };

const refused = (faults: readonly SaidFault[]): Body<never> => ({
  status: 'refused',
  response: problem(422, 'Some values cannot be used.', faults),
});

const MALFORMED = [{ path: '(whole)', message: 'must be JSON' }];

/** What a body may have at most. */
export interface BodyLimits {
  readonly mostBytes: number;
  readonly mostValues: number;
}

const usualLimits: BodyLimits = { mostBytes: MOST_BODY_BYTES, mostValues: MOST_JSON_VALUES };

async function jsonOf(request: Request, { mostBytes, mostValues } = usualLimits): Promise<Body<unknown>> {
  const text = await readText(request, mostBytes);
  if (text === null) {
    return { status: 'refused', response: problem(413, `The body is longer than ${mostBytes / 1e6} MB.`) };
  }
  let value: unknown;
  try {
    value = JSON.parse(text);
  } catch {
    return { status: 'refused', response: problem(400, 'The body is not JSON.', MALFORMED) };
  }
  const fault = faultIn(value, mostValues);
  return fault ? refused([fault]) : { status: 'ok', value };
}

export async function readBody<T>(
  request: Request,
  schema: z.ZodType<T>,
  limits: BodyLimits = usualLimits,
): Promise<Body<T>> {
  const raw = await jsonOf(request, limits);
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
