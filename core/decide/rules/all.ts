import { changingOverRules } from './changing-over';
import { growerRules } from './grower';
import { mediumRules } from './media';
import { moistureRules } from './moisture';
import { mountRules } from './mounts';
import { plantRules } from './plant-in-hand';
import { reservoirRules } from './reservoir';
import { restRules } from './rest-and-absence';
import { rootRules } from './roots';
import type { FindingOf, Rule } from './rule';
import { safetyRules } from './safety';
import { schoolRules } from './schools';
import { topRules } from './tops';
import { trapRules } from './traps';
import { vesselRules } from './vessels';

/** Every rule there is, by sections of the trade. */
const everyRule = [
  ...rootRules,
  ...plantRules,
  ...moistureRules,
  ...reservoirRules,
  ...vesselRules,
  ...mountRules,
  ...mediumRules,
  ...trapRules,
  ...topRules,
  ...changingOverRules,
  ...restRules,
  ...schoolRules,
  ...growerRules,
  ...safetyRules,
] as const;

export type RuleId = (typeof everyRule)[number]['id'];
export const allRules: readonly Rule<RuleId>[] = everyRule;
export type RuleFinding = FindingOf<RuleId>;
