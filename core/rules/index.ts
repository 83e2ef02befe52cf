import { mediumRules } from './media';
import { moistureRules } from './moisture';
import { reservoirRules } from './reservoir';
import { rootRules } from './roots';
import type { Rule } from './rule';
import { safetyRules } from './safety';
import { vesselRules } from './vessels';

export const allRules: readonly Rule[] = [
  ...rootRules,
  ...moistureRules,
  ...reservoirRules,
  ...vesselRules,
  ...mediumRules,
  ...safetyRules,
];

export * from './rule';
