/** The body of a request as JSON that can be kept: read to a limit, then looked through before any schema. */
import { MOST_BODY_BYTES } from './limits';
import type { SaidFault } from './problem';

/** What is nested deeper, or has more values, is no question a grower asks. */
export const DEEPEST_JSON = 32;
export const MOST_JSON_VALUES = 20_000;

/** The body as text; null where it is longer than the limit. No more than that is ever held. */
export async function readText(request: Request, mostBytes: number = MOST_BODY_BYTES): Promise<string | null> {
  if (!request.body) return '';
  const decoder = new TextDecoder();
  const reader = request.body.getReader();
  let text = '';
  let bytes = 0;
  for (;;) {
    const { done, value } = await reader.read();
    if (done) return text + decoder.decode();
    bytes += value.byteLength;
    if (bytes > mostBytes) {
      await reader.cancel();
      return null;
    }
    text += decoder.decode(value, { stream: true });
  }
}

/** A database keeps neither NUL nor half of a surrogate pair. */
const unkeepable = /\0|\p{Surrogate}/u;

interface Found {
  readonly value: unknown;
  readonly path: string;
  readonly depth: number;
}

/** The first thing in a value that cannot be kept or is beyond the limits; null where all is well. */
export function faultIn(whole: unknown, mostValues: number = MOST_JSON_VALUES): SaidFault | null {
  const waiting: Found[] = [{ value: whole, path: '', depth: 0 }];
  let count = 0;
  const place = (path: string) => path || '(whole)';
  for (let found = waiting.pop(); found !== undefined; found = waiting.pop()) {
    const { value, path, depth } = found;
    count += 1;
    if (count > mostValues) return { path: '(whole)', message: `has more than ${mostValues} values` };
    if (depth > DEEPEST_JSON) return { path: '(whole)', message: `is nested deeper than ${DEEPEST_JSON}` };
    if (typeof value === 'string' && unkeepable.test(value)) {
      return { path: place(path), message: 'holds a character that cannot be kept (NUL, or half of a pair)' };
    }
    if (value === null || typeof value !== 'object') continue;
    for (const [key, entry] of Object.entries(value)) {
      if (unkeepable.test(key)) {
        return { path: place(path), message: 'has a name with a character that cannot be kept' };
      }
      waiting.push({ value: entry, path: path === '' ? key : `${path}.${key}`, depth: depth + 1 });
    }
  }
  return null;
}
