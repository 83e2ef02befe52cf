/** Saves that may come twice, by a double tap or a retry after a lost answer, and are kept once. */
import { UniqueConstraintViolationException } from '@mikro-orm/core';
import { textOf } from '@core';
import { parseWith } from '@core/words';
import { problem } from './problem';

export type Once =
  { readonly status: 'ok'; readonly key: string | null } | { readonly status: 'refused'; readonly response: Response };

const keySchema = textOf('idempotencyKey', 8, 80);

/** The Idempotency-Key of a request; null where none is sent. */
export function onceKeyOf(request: Request): Once {
  const sent = request.headers.get('idempotency-key');
  if (sent === null) return { status: 'ok', key: null };
  const parsed = parseWith(keySchema, sent);
  return parsed.status === 'ok'
    ? { status: 'ok', key: parsed.value }
    : { status: 'refused', response: problem(422, 'Some values cannot be used.', parsed.faults) };
}

/** The key lies with something else, which this request cannot have made. */
export class KeyTakenError extends Error {}

export interface KeptOnce<T> {
  readonly kept: T;
  /** It was there already: nothing was written. */
  readonly wasKnown: boolean;
}

/**
 * find looks for what was kept under the key; save keeps it. Of two at the same moment one is refused by
 * the table's unique key, and finds what the other kept.
 */
export async function keepOnce<T>(
  key: string | null,
  find: (key: string) => Promise<T | null>,
  save: () => Promise<T>,
): Promise<KeptOnce<T>> {
  const known = key === null ? null : await find(key);
  if (known !== null) return { kept: known, wasKnown: true };
  try {
    return { kept: await save(), wasKnown: false };
  } catch (error) {
    if (key === null || !(error instanceof UniqueConstraintViolationException)) throw error;
    const first = await find(key);
    if (first === null) throw new KeyTakenError();
    return { kept: first, wasKnown: true };
  }
}
