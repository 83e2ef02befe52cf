/** Many things to be deleted, or brought back, at once. Shared with the screens. */
import * as z from 'zod';
import { faultCode } from '@core';

/** More than one looks through, and quickly written. */
const MOST_AT_ONCE = 1000;

export const deletableKinds = ['plant', 'place', 'medium', 'genus', 'stock', 'view', 'trial', 'day'] as const;
export type DeletableKind = (typeof deletableKinds)[number];

export const deletionsSchema = z.strictObject({
  kind: z.enum(deletableKinds),
  ids: z
    .array(z.uuid())
    .min(1, { error: faultCode({ code: 'at least one', field: 'ids', what: 'id' }) })
    .max(MOST_AT_ONCE, { error: faultCode({ code: 'at most', field: 'ids', most: MOST_AT_ONCE, what: 'ids' }) }),
  /** They come back. */
  isUndone: z.boolean().default(false),
});
export type Deletions = z.input<typeof deletionsSchema>;
