import { demoPlaces, type Place } from '@core';

const exampleIds = new Set(demoPlaces.map(({ id }) => id));

/** As a case names it: one of the examples by its id, one's own whole. */
export const placeInCase = (place: Place): Place | string => (exampleIds.has(place.id) ? place.id : place);
