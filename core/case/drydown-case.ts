/** A case for the hourly curve: a plan case, a setup (or the best one), and a month. */
import type { z } from 'zod';
import { planCaseSchema } from './plan-case';
import { setupSpecSchema } from './setup-schema';

export const drydownCaseSchema = planCaseSchema.extend({ setup: setupSpecSchema.optional() });
export type DrydownCase = z.infer<typeof drydownCaseSchema>;
