/** Runs the worked cases and says how many expectations are met, by part and by group of genera. */
import { makePlan, type PlanFacts } from '../advise';
import { cattleyaCases } from './cattleya-kin';
import { dendrobiumCases } from './dendrobium-and-coelogyne';
import { groundCases } from './ground-orchids';
import { type Finding, findingsOf, parts } from './meets';
import { oncidiumCases } from './oncidium-kin';
import { singleStemCases } from './single-stems';
import { slipperCases } from './slippers';
import { smallAndCoolCases } from './small-and-cool';
import { genusGroups, type WorkedCase } from './worked-case';

export const workedCases: readonly WorkedCase[] = [
  ...cattleyaCases,
  ...oncidiumCases,
  ...smallAndCoolCases,
  ...dendrobiumCases,
  ...slipperCases,
  ...groundCases,
  ...singleStemCases,
];

export interface CaseResult {
  readonly worked: WorkedCase;
  readonly findings: readonly Finding[];
}

/** On the ranking mesh: what is expected of a plan does not hang on finer cells. */
function planOf({ ask }: WorkedCase): PlanFacts {
  return makePlan(ask, { isRough: true });
}

export function runCase(worked: WorkedCase, plan: PlanFacts = planOf(worked)): CaseResult {
  return { worked, findings: findingsOf(worked.expect, plan) };
}

/** Of how many expectations how many are met at first place, and by one of the first three setups. */
export interface Share {
  readonly name: string;
  readonly asked: number;
  readonly met: number;
  readonly metInThree: number;
}

function shareOf(name: string, findings: readonly Finding[]): Share {
  return {
    name,
    asked: findings.length,
    met: findings.filter(({ isMet }) => isMet).length,
    metInThree: findings.filter(({ isMetInThree }) => isMetInThree).length,
  };
}

export interface CasesReport {
  readonly cases: number;
  readonly all: Share;
  readonly byPart: readonly Share[];
  readonly byGroup: readonly Share[];
}

export function reportOf(results: readonly CaseResult[]): CasesReport {
  const all = results.flatMap(({ findings }) => findings);
  return {
    cases: results.length,
    all: shareOf('all', all),
    byPart: parts.map((part) =>
      shareOf(
        part,
        all.filter((finding) => finding.part === part),
      ),
    ),
    byGroup: genusGroups.map((group) =>
      shareOf(
        group,
        results.filter(({ worked }) => worked.group === group).flatMap(({ findings }) => findings),
      ),
    ),
  };
}

/** What is not met, case by case. */
export function missedIn(results: readonly CaseResult[]): readonly (Finding & { readonly id: string })[] {
  return results.flatMap(({ worked, findings }) =>
    findings.filter(({ isMet }) => !isMet).map((finding) => ({ id: worked.id, ...finding })),
  );
}
