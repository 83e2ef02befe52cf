/**
 * The score of a setup, open to inspection: every pull with its points. 60 for comfort over the
 * year, 20 for air, 20 for piece size, then the rules. Weights are the house's, from memory of what
 * kills plants: water first, air second, everything else after.
 */
import type { RuleFinding } from '../rules';
import { type CandidateFacts, type CaseContext, type Judgement, screenComfort } from '../setups';
import { k } from './constants';

export interface Pull {
  readonly code: string;
  readonly points: number;
}

function airPoints(context: CaseContext, facts: CandidateFacts): number {
  const airShare = Math.min(1, facts.airAfterWatering / context.plant.genus.airNeed);
  return k.AIR_WEIGHT * Math.max(0, 2 * airShare - 1);
}

function piecePoints(facts: CandidateFacts): number {
  return k.PIECE_WEIGHT / facts.misfit ** 2;
}

export function pullsOf(
  context: CaseContext,
  facts: CandidateFacts,
  judgement: Judgement,
  findings: readonly RuleFinding[],
): readonly Pull[] {
  return [
    { code: 'comfort over the year', points: k.COMFORT_WEIGHT * judgement.year.comfortable },
    { code: 'air for the roots', points: airPoints(context, facts) },
    { code: 'piece size for the roots', points: piecePoints(facts) },
    ...findings
      .filter((finding) => finding.points !== 0)
      .map((finding) => ({ code: finding.ruleId, points: finding.points })),
  ];
}

export function totalPoints(pulls: readonly Pull[]): number {
  return pulls.reduce((sum, pull) => sum + pull.points, 0);
}

/** What a setup scores apart from its comfort, known before any water moves. */
export function dryPoints(context: CaseContext, facts: CandidateFacts, rulePoints: number): number {
  return airPoints(context, facts) + piecePoints(facts) + rulePoints;
}

/** The comfort a setup promises, in points: the same weight, guessed from some weeks. */
export function promisedComfort(context: CaseContext, facts: CandidateFacts): number {
  return k.COMFORT_WEIGHT * screenComfort(context, facts);
}
