/**
 * The score of a setup, open to inspection: every pull with its points. 60 for comfort over the
 * year, 20 for air, 20 for piece size, then the rules. Weights are the house's, from memory of what
 * kills plants: water first, air second, everything else after.
 */
import type { RuleFinding } from '../rules';
import type { CandidateFacts, Judgement } from './assess';
import type { CaseContext } from './context';

export const COMFORT_WEIGHT = 60;
export const AIR_WEIGHT = 20;
export const PIECE_WEIGHT = 20;

export interface Pull {
  readonly code: string;
  readonly points: number;
}

export function pullsOf(
  context: CaseContext,
  facts: CandidateFacts,
  judgement: Judgement,
  findings: readonly RuleFinding[],
): readonly Pull[] {
  const airShare = Math.min(1, facts.airAfterWatering / context.plant.genus.airNeed);
  return [
    { code: 'comfort over the year', points: COMFORT_WEIGHT * judgement.year.comfortable },
    { code: 'air for the roots', points: AIR_WEIGHT * Math.max(0, 2 * airShare - 1) },
    { code: 'piece size for the roots', points: PIECE_WEIGHT / facts.misfit ** 2 },
    ...findings
      .filter((finding) => finding.points !== 0)
      .map((finding) => ({ code: finding.ruleId, points: finding.points })),
  ];
}

export function totalPoints(pulls: readonly Pull[]): number {
  return pulls.reduce((sum, pull) => sum + pull.points, 0);
}
