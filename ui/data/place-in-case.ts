import { demoPlaces, type Place } from '@core';

const patternIds = new Set(demoPlaces.map(({ id }) => id));

/** As a case names it: a pattern by its id, one's own whole. */
export const placeInCase = (place: Place): Place | string => (patternIds.has(place.id) ? place.id : place);
