/**
 * The score of a setup, 0 to 100, open to inspection: every pull with its points. What keeps roots well comes first (the
 * year, its margins to both sides, air, piece size), then how late or early the grower may be, then life, work and price;
 * what is uncommon, a change the roots must bear, and a place that does not suit take off. The weights are fitted to the
 * worked cases (see docs/model.md).
 */
import { heaviestPart } from '../../physics/media';
import type { RuleFinding } from '../rules';
import { type CandidateFacts, type CaseContext, type Judgement, minutesPerWeek, screenHealth } from '../setups';
import { gearPoints, k, rarityPoints, weight, type WeightedPart, weightedParts } from './constants';
import { costOfChange } from './known';

export interface Pull {
  readonly code: string;
  readonly points: number;
}

/** What a setup has of each part, 0 to 1. */
export type Shares = Readonly<Record<WeightedPart, number>>;

type DryPart = 'air for the roots' | 'piece size for the roots' | 'life of the medium' | 'price';

/** Years of its life that are used: what is potted afresh every year has no use for more. */
function lifeInUse({ plant }: CaseContext, { lifeYears }: CandidateFacts): number {
  return plant.genus.traps.includes('roots die back every year') ? Math.min(k.YEARLY_YEARS, lifeYears) : lifeYears;
}

/** What is known before any water moves. */
function dryShares(context: CaseContext, facts: CandidateFacts): Readonly<Record<DryPart, number>> {
  const airShare = Math.min(1, facts.airAfterWatering / context.plant.genus.airNeed);
  const { priceClass } = heaviestPart(facts.mainMix).medium;
  return {
    'air for the roots': Math.max(0, 2 * airShare - 1),
    'piece size for the roots': 1 / facts.misfit ** 2,
    // A slope, not a cliff: the fifth year adds less than the second.
    'life of the medium': 1 - Math.exp(-lifeInUse(context, facts) / k.LIFE_SLOPE_YEARS),
    price: 1 / priceClass,
  };
}

function sharesOf(context: CaseContext, facts: CandidateFacts, judgement: Judgement): Shares {
  const { year, lateHealth, earlyHealth } = judgement;
  const { heat, cold } = year.stress;
  const worst = Math.max(...year.months.map(({ stress }) => Math.max(stress.air, stress.drought)));
  return {
    ...dryShares(context, facts),
    // What is fine is fine: the last tenth of health tells little between two setups, the first half everything.
    'root health over the year': 1 - (1 - year.rootHealth) ** k.HEALTH_CURVE,
    // What heat and cold leave; a wall that cools the roots shows here.
    'warmth over the year': (1 - heat) * (1 - cold),
    'far from harm in its worst month': 1 - worst,
    'forgives a late week': lateHealth,
    'forgives an early hand': earlyHealth,
    'little work': Math.exp(-minutesPerWeek(facts, year.waterings) / k.WORK_SLOPE_MINUTES),
  };
}

/** What a place that does not suit takes off every setup alike: no pot makes up for it. */
function placePoints({ fit }: CaseContext): number {
  return -k.PLACE_WEIGHT * fit.badness;
}

function rarityOf({ plant: { genus }, resolved }: CaseContext, { mainMix, spec }: CandidateFacts): number {
  const { family } = heaviestPart(mainMix).medium;
  const isBare = spec.vessel.kind === 'mount' && spec.vessel.padThicknessCm === 0;
  // Ground orchids live in soil; slippers are of the ground too, and yet are grown in bark.
  const isGroundInSoil = family === 'soil-like mix' && genus.onMount === 'never' && genus.depth !== 'all roots covered';
  const ofMedium = isBare || isGroundInSoil ? 0 : rarityPoints[family];
  // What the grower has in use already is not uncommon to them.
  const kindId = spec.vessel.kind === 'pot' ? spec.vessel.potKindId : spec.vessel.mountKindId;
  return ofMedium + (kindId === resolved.current.vesselKind ? 0 : gearPoints[spec.approach]);
}

/** What is uncommon and what the roots must learn, in points before their weights. */
export interface Costs {
  readonly rarity: number;
  readonly change: number;
}

function costsOf(context: CaseContext, facts: CandidateFacts): Costs {
  return { rarity: rarityOf(context, facts), change: costOfChange(context, facts) };
}

/** What they take off, and a place that does not suit. */
function costPulls(context: CaseContext, { rarity, change }: Costs): readonly Pull[] {
  return [
    { code: 'how common it is', points: -k.RARITY_WEIGHT * rarity },
    { code: 'a change for the roots', points: -k.CHANGE_WEIGHT * change },
    { code: 'the place for the plant', points: placePoints(context) },
  ].filter(({ points }) => points < 0);
}

/** What a score is made of, free of the weights: what they are fitted on. */
export interface ScoredBy {
  readonly shares: Shares;
  readonly costs: Costs;
  readonly rulePoints: number;
}

export function scoredBy(
  context: CaseContext,
  facts: CandidateFacts,
  judgement: Judgement,
  findings: readonly RuleFinding[],
): ScoredBy {
  return {
    shares: sharesOf(context, facts, judgement),
    costs: costsOf(context, facts),
    rulePoints: findings.reduce((sum, { points }) => sum + points, 0),
  };
}

export function pullsOf(
  context: CaseContext,
  { shares, costs }: ScoredBy,
  findings: readonly RuleFinding[],
): readonly Pull[] {
  return [
    ...weightedParts.map((code) => ({ code, points: weight[code] * shares[code] })),
    ...costPulls(context, costs),
    ...findings
      .filter((finding) => finding.points !== 0)
      .map((finding) => ({ code: finding.ruleId, points: k.RULE_WEIGHT * finding.points })),
  ];
}

const sumOf = (pulls: readonly Pull[]): number => pulls.reduce((sum, pull) => sum + pull.points, 0);

/**
 * All points together as a score within 0 and 100. Between 10 and 90 it is their sum; beyond, each further point counts
 * less and less, so that no two setups meet at the ceiling.
 */
export function scoreOf(pulls: readonly Pull[]): number {
  const sum = sumOf(pulls);
  const bend = k.SCORE_BEND;
  if (sum > 100 - bend) return 100 - bend * Math.exp(-(sum - (100 - bend)) / bend);
  return sum < bend ? bend * Math.exp((sum - bend) / bend) : sum;
}

/** Points of a setup known before any water moves. */
export function dryPoints(context: CaseContext, facts: CandidateFacts, rulePoints: number): number {
  const shares = dryShares(context, facts);
  const dry = (Object.keys(shares) as DryPart[]).reduce((sum, part) => sum + weight[part] * shares[part], 0);
  return dry + sumOf(costPulls(context, costsOf(context, facts))) + k.RULE_WEIGHT * rulePoints;
}

/** Points that hang on water, at most: what a setup can promise beyond what is known dry. */
export const WET_POINTS =
  weight['root health over the year'] +
  weight['warmth over the year'] +
  weight['far from harm in its worst month'] +
  weight['forgives a late week'] +
  weight['forgives an early hand'] +
  weight['little work'];

/**
 * What a setup promises of those, guessed from the root health of some weeks. Under `worthFrom` points the guess may be
 * higher than the truth, as it makes no difference.
 */
export function promisedPoints(context: CaseContext, facts: CandidateFacts, worthFrom = 0): number {
  return WET_POINTS * screenHealth(context, facts, worthFrom / WET_POINTS);
}
