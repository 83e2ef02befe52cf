/** The places a case may name by their id: those of the catalogue. A grower's own place travels whole. */
import { demoPlaces } from '../catalogue/places';
import type { Place } from '../physics/places';

export const placeIds: readonly string[] = demoPlaces.map(({ id }) => id);

/** A place of the catalogue by its id; an unknown id is answered with the known ones. */
export function placeById(id: string): Place {
  const place = demoPlaces.find((entry) => entry.id === id);
  if (!place) throw new RangeError(`place "${id}" is unknown; known are ${placeIds.join(', ')}`);
  return place;
}
