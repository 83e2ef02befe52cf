/** Reads whatever a grower has of their air: EPW, a logger's CSV, monthly means, or a place as JSON. */
import { checkWith } from '../base';
import { placeSchema } from '../case';
import type { Place } from '../physics/places';
import { placeFromEpw } from './import-epw';
import { placeFromLogger } from './import-logger';
import { isMonthly, placeFromMonthly } from './monthly';
import { type ReadingFacts, refused } from './result';

export interface FileAbout {
  readonly name: string;
  readonly latitudeDeg: number;
  readonly longitudeDeg: number;
}

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

export function readPlaceFile(text: string, about: FileAbout): ReadingFacts {
  const start = text.trimStart();
  if (start === '') return refused([{ line: 1, fact: { code: 'empty' } }]);
  if (start.startsWith('{')) return placeFromJson(text);
  if (/^\uFEFF?LOCATION,/i.test(start)) return placeFromEpw(text);
  if (isMonthly(start)) {
    return placeFromMonthly(text, {
      id: 'own-place',
      note: '',
      setting: 'indoor',
      altitudeM: 0,
      airflow: 'still room',
      ...about,
    });
  }
  return placeFromLogger(text, about);
}
