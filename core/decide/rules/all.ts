import { vesselRules } from './vessels';
import { changingOverRules } from './changing-over';
import { mediumRules } from './media';
import { moistureRules } from './moisture';
import { mountRules } from './mounts';
import { plantRules } from './plant-in-hand';
import { reservoirRules } from './reservoir';
import { restRules } from './rest-and-absence';
import { rootRules } from './roots';
import type { Rule } from './rule';
import { safetyRules } from './safety';
import { schoolRules } from './schools';
import { topRules } from './tops';

/** Every rule there is, by sections of the trade. */
export const allRules: readonly Rule[] = [
  ...rootRules,
  ...plantRules,
  ...moistureRules,
  ...reservoirRules,
  ...vesselRules,
  ...mountRules,
  ...mediumRules,
  ...topRules,
  ...changingOverRules,
  ...restRules,
  ...schoolRules,
  ...safetyRules,
];
