/** The key under which a request is kept once, however often it is sent. */
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
