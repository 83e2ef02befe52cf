/** What the plan's address takes, and what a case on file must be. */
import { questionSchemas } from '@core';

export const { plan: planCaseSchema } = questionSchemas();
