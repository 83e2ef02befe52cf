/** The places a case may name. Which those are is for the caller to say: the demo's, a grower's own. */
import type { Place } from '../physics/places';

export type PlaceBook = readonly Place[];

/** A place of the book by its id; an unknown id is answered with the known ones. */
export function placeIn(places: PlaceBook, id: string): Place {
  const place = places.find((entry) => entry.id === id);
  if (!place) throw new RangeError(`place "${id}" is unknown; known are ${places.map((entry) => entry.id).join(', ')}`);
  return place;
}
