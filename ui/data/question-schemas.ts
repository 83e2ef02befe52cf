/** The shapes of what is asked, for the places the screens know. */
import { lazily, questionSchemas, whatIfSchemaFor } from '@core';
import { placeBook } from './place-book';

/** Made when first asked for: at the start of a page there is enough to make. */
export const schemas = lazily(() => questionSchemas(placeBook));
export const whatIfSchema = lazily(() => whatIfSchemaFor(placeBook));
