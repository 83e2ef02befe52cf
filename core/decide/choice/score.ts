/**
 * The score of a setup, open to inspection: every pull with its points. 54 for root health over the
 * year (lack of air, drought, salt), 6 for warmth, 20 for air after watering, 20 for piece size, up to 45 off for a place that does not suit, then the rules. Weights are the house's, from memory of what
 * kills plants: water first, air second, everything else after.
 */
import type { RuleFinding } from '../rules';
import { type CandidateFacts, type CaseContext, type Judgement, screenHealth } from '../setups';
import { heaviestPart } from '../../physics/media';
import { k, rarityPoints } from './constants';
import { costOfChange } from './known';

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

/** What a place that does not suit takes off every setup alike: no pot makes up for it. */
function placePoints({ fit }: CaseContext): number {
  return -k.PLACE_WEIGHT * fit.badness;
}

export function pullsOf(
  context: CaseContext,
  facts: CandidateFacts,
  judgement: Judgement,
  findings: readonly RuleFinding[],
): readonly Pull[] {
  return [
    { code: 'root health over the year', points: k.HEALTH_WEIGHT * judgement.year.rootHealth },
    { code: 'warmth over the year', points: k.WARMTH_WEIGHT * warmthHealth(judgement) },
    { code: 'air for the roots', points: airPoints(context, facts) },
    { code: 'piece size for the roots', points: piecePoints(facts) },
    ...(context.fit.badness > 0 ? [{ code: 'the place for the plant', points: placePoints(context) }] : []),
    ...costs(context, facts),
    ...findings
      .filter((finding) => finding.points !== 0)
      .map((finding) => ({ code: finding.ruleId, points: finding.points })),
  ];
}

/** What it takes off that it is uncommon, and that the roots must learn it. */
function costs(context: CaseContext, facts: CandidateFacts): readonly Pull[] {
  return [
    { code: 'how common it is', points: -rarityOf(context, facts) },
    { code: 'a change for the roots', points: -costOfChange(context, facts) },
  ].filter(({ points }) => points < 0);
}

function rarityOf({ plant: { genus } }: CaseContext, { mainMix, spec }: CandidateFacts): number {
  const { family } = heaviestPart(mainMix).medium;
  const isBare = spec.vessel.kind === 'mount' && spec.vessel.padThicknessCm === 0;
  const isGroundInSoil = family === 'soil-like mix' && genus.onMount === 'never';
  return isBare || isGroundInSoil ? 0 : rarityPoints[family];
}

export function totalPoints(pulls: readonly Pull[]): number {
  return pulls.reduce((sum, pull) => sum + pull.points, 0);
}

/** What heat and cold leave, 0 to 1; a wall that cools the roots shows here. */
function warmthHealth({ year: { stress } }: Judgement): number {
  return (1 - stress.heat) * (1 - stress.cold);
}

/** What a setup scores apart from its root health, known before any water moves. */
export function dryPoints(context: CaseContext, facts: CandidateFacts, rulePoints: number): number {
  const cost = rarityOf(context, facts) + costOfChange(context, facts);
  return airPoints(context, facts) + piecePoints(facts) + placePoints(context) + rulePoints - cost;
}

/**
 * The root health a setup promises, in points: the same weight, guessed from some weeks. Under `worthFrom` points the
 * guess may be higher than the truth, as it makes no difference.
 */
export function promisedHealth(context: CaseContext, facts: CandidateFacts, worthFrom = 0): number {
  return k.HEALTH_WEIGHT * screenHealth(context, facts, worthFrom / k.HEALTH_WEIGHT);
}
