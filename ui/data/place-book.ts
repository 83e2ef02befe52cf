/** The places the screens know by name, and the questions about them. A grower's own places travel whole. */
import { demoPlaces, placeIn, type PlanCase, questionSchemas, resolveCase, whatIfSchemaFor } from '@core';

export const placeBook = demoPlaces;
export const schemas = questionSchemas(placeBook);
export const whatIfSchema = whatIfSchemaFor(placeBook);
export const placeById = (id: string) => placeIn(placeBook, id);
export const resolved = (planCase: PlanCase) => resolveCase(planCase, placeBook);
