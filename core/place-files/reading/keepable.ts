/** A place read from a file meets the ranges that saving asks for: what is shown can be kept. */
import { checkWith } from '../../base';
import { placeSchema } from '../../case';
import type { Place } from '../../physics/places';
import { type FileOrigin, type ReadingFacts, refused, type RemarkFact } from './result';

export function keepable(place: Place, origin: FileOrigin, remarks: readonly RemarkFact[]): ReadingFacts {
  const checked = checkWith(placeSchema, place);
  if (checked.status === 'ok') return { status: 'ok', place, origin, remarks };
  return refused(checked.faults.map(({ path, fact }) => ({ line: 0, fact: { code: 'field', path, fact } })));
}
