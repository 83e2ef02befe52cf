/** The places the screens know by name, and the questions about them. A grower's own places travel whole. */
import { demoPlaces, lazily, placeIn, type PlanCase, questionSchemas, resolveCase, whatIfSchemaFor } from '@core';

export const placeBook = demoPlaces;
/** Made when first asked for: at the start of a page there is enough to make. */
export const schemas = lazily(() => questionSchemas(placeBook));
export const whatIfSchema = lazily(() => whatIfSchemaFor(placeBook));
export const placeById = (id: string) => placeIn(placeBook, id);
export const resolved = (planCase: PlanCase) => resolveCase(planCase, placeBook);
