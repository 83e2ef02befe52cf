/** A place as JSON, as this program writes it out. */
import { checkWith } from '../base';
import { placeSchema } from '../case';
import type { Place } from '../physics/places';
import { k } from './reading/constants';
import { type ReadingFacts, refused } from './reading/result';
import type { PlaceFileReader } from './reading/table-file';

function placeFromJson(text: string): ReadingFacts {
  let value: unknown;
  try {
    value = JSON.parse(text);
  } catch (error) {
    return refused([
      { line: 0, fact: { code: 'not JSON', error: error instanceof Error ? error.message : String(error) } },
    ]);
  }
  const parsed = checkWith(placeSchema, value);
  return parsed.status === 'ok'
    ? { status: 'ok', place: parsed.value as Place, origin: { code: 'json' }, remarks: [] }
    : refused(parsed.faults.map((fault) => ({ line: 0, fact: { code: 'field', ...fault } })));
}

export function jsonFile(): PlaceFileReader {
  let text = '';
  const isTooLong = () => text.length > k.MOST_JSON_CHARACTERS;
  return {
    push: (more) => {
      if (!isTooLong()) text += more;
    },
    isSettled: isTooLong,
    finish: () => (isTooLong() ? refused([{ line: 0, fact: { code: 'too long' } }]) : placeFromJson(text)),
  };
}
