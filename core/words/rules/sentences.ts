/** A rule's finding as sentences. */
import type { RuleFinding } from '../../decide/rules';
import type { WordUnits } from '../phrasing/format';
import { changingOverRuleWords } from './changing-over';
import { growerRuleWords } from './grower';
import { mediumRuleWords } from './media';
import { moistureRuleWords } from './moisture';
import { mountRuleWords } from './mounts';
import { plantRuleWords } from './plant-in-hand';
import { reservoirRuleWords } from './reservoir';
import { restRuleWords } from './rest-and-absence';
import { rootRuleWords } from './roots';
import type { RuleSentences } from './rule-words';
import { safetyRuleWords } from './safety';
import { schoolRuleWords } from './schools';
import { topRuleWords } from './tops';
import { trapRuleWords } from './traps';
import { vesselRuleWords } from './vessels';

/** Each entry fits its own rule's figures (the files above are typed so); here they stand side by side. */
const allWords = {
  ...rootRuleWords,
  ...plantRuleWords,
  ...moistureRuleWords,
  ...reservoirRuleWords,
  ...vesselRuleWords,
  ...mountRuleWords,
  ...mediumRuleWords,
  ...trapRuleWords,
  ...topRuleWords,
  ...changingOverRuleWords,
  ...restRuleWords,
  ...schoolRuleWords,
  ...growerRuleWords,
  ...safetyRuleWords,
} as const satisfies Record<RuleFinding['ruleId'], unknown>;

export interface WordedFinding extends RuleFinding {
  readonly sentence: string;
  /** Empty when nothing the grower can change would lift it. */
  readonly wouldChange: string;
}

export function wordFinding(finding: RuleFinding, units: WordUnits): WordedFinding {
  const words = allWords[finding.ruleId] as RuleSentences<RuleFinding['figures']>;
  return {
    ...finding,
    sentence: words.says(finding.figures, units),
    wouldChange: words.wouldChange?.(finding.figures, units) ?? '',
  };
}
