/** The places the screens know by name. A grower's own places travel whole. */
import { demoPlaces, placeIn, type PlanCase, resolveCase } from '@core';

export const placeBook = demoPlaces;
export const placeById = (id: string) => placeIn(placeBook, id);
export const resolved = (planCase: PlanCase) => resolveCase(planCase, placeBook);
