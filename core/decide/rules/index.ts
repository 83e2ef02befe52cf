export { allRules } from './all';
export { isWetAndClose } from './changing-over';
export { findingOf, forbiddingRule, type Rule, type RuleFinding, rulePoints, runRules } from './rule';
