/** One setup of a case, judged: its rules, its score, and the figures that say why. */
import { type Approach, type LayerSpec, realiseMix, type SetupSpec } from '../case';
import { isAsItIs, type Pull, pullsOf, scoredBy, type ScoredBy, scoreOf, type Distinction } from '../decide/choice';
import { allRules, type RuleFinding, runRules } from '../decide/rules';
import {
  type CandidateFacts,
  type CaseContext,
  type judge,
  type Judgement,
  roundsByMonth,
  type Steadiness,
} from '../decide/setups';
import { type DryingTime, layerVolumesL } from '../physics/drydown';
import { type BagMeasure, bagMeasures } from '../physics/media';
import type { YearReport } from '../physics/year';
import { type AftercareFact, firstAftercare } from './aftercare';
import { changeOver, type ChangeOverFact } from './change-over';
import { costsOf, type SetupCosts } from './costs';
import { firstWeeksOf } from './first-weeks';
import { type Placement, placementOf } from './placement';
import { type ReasonFact, reasonsFor } from './reasons';
import { seasonOf } from './season';

export interface LayerMeasures extends LayerSpec {
  readonly volumeL: number;
  /** Litres to take out of each bag for this layer. */
  readonly bags: readonly BagMeasure[];
}

export interface SetupFacts {
  readonly id: string;
  readonly approach: Approach;
  readonly spec: SetupSpec;
  readonly layers: readonly LayerMeasures[];
  readonly placement: Placement;
  /** From a watering, or a refill of its reservoir, to the next. */
  readonly daysByMonth: readonly DryingTime[];
  readonly year: YearReport;
  readonly airAfterWatering: number;
  readonly lifeYears: number;
  readonly stability: Steadiness | null;
  readonly score: number;
  /** The medium and kind of pot it stands in, with room to grow. */
  readonly isAsItIs: boolean;
  /** The rule that forbids it: of a setup changed by hand, and where nothing suits and the least bad is shown. */
  readonly ruledOutBy: RuleFinding | null;
  /** What it is on the shelf for; null of a setup that is not there. */
  readonly standsOut: Distinction | null;
  readonly scoredBy: ScoredBy;
  readonly pulls: readonly Pull[];
  readonly reasons: readonly ReasonFact[];
  readonly findings: readonly RuleFinding[];
  readonly aftercare: readonly AftercareFact[];
  readonly changeOver: ChangeOverFact;
  readonly costs: SetupCosts;
  /** Days a full reservoir lasts in the month that empties it fastest; null without one or beyond the horizon. */
  readonly reservoirDays: number | null;
}

export interface Judged {
  readonly facts: CandidateFacts;
  readonly judgement: Judgement;
  readonly findings: readonly RuleFinding[];
  readonly scoredBy: ScoredBy;
  readonly pulls: readonly Pull[];
  readonly score: number;
  readonly isAsItIs: boolean;
}

/** As it is judged for its place in the order, or, finely, for what is shown of it. */
export function judgeFully(context: CaseContext, facts: CandidateFacts, how: typeof judge): Judged {
  const judgement = how(context, facts);
  const findings = runRules(allRules, { context, facts, judgement });
  const by = scoredBy(context, facts, judgement, findings);
  const pulls = pullsOf(context, by, findings);
  return { facts, judgement, findings, scoredBy: by, pulls, score: scoreOf(pulls), isAsItIs: isAsItIs(context, facts) };
}

/** The figures of one judged setup. */
export function figuresOf(context: CaseContext, judged: Judged): SetupFacts {
  const { facts, judgement, findings, pulls, score, isAsItIs: asItIs } = judged;
  const { spec, setup } = facts;
  const volumes = layerVolumesL(setup);
  const placement = placementOf(context, facts);
  const daysByMonth = roundsByMonth(context, facts, judgement.byMonth);
  return {
    id: facts.id,
    approach: spec.approach,
    spec,
    layers: spec.layers.map((layer, index) => {
      const volumeL = volumes[index] ?? 0;
      return {
        ...layer,
        volumeL,
        bags: bagMeasures(realiseMix(layer.mix), volumeL, layer.isSideBySide),
      };
    }),
    placement,
    daysByMonth,
    year: judgement.year,
    airAfterWatering: facts.airAfterWatering,
    lifeYears: facts.lifeYears,
    stability: judgement.stability,
    score,
    isAsItIs: asItIs,
    ruledOutBy: findings.find((finding) => finding.effect === 'rule out') ?? null,
    standsOut: null,
    scoredBy: judged.scoredBy,
    pulls,
    reasons: reasonsFor({ context, facts, judgement, placement, daysByMonth }),
    findings: findings.filter((finding) => finding.effect !== 'rule out'),
    changeOver: changeOver(context, facts),
    costs: costsOf(context, facts, judgement.year, volumes),
    reservoirDays: judgement.reservoirDays,
    aftercare: aftercareOf(context, judged),
  };
}

/** What follows after potting. */
export function aftercareOf(
  context: CaseContext,
  { facts, judgement }: Pick<Judged, 'facts' | 'judgement'>,
): readonly AftercareFact[] {
  return firstAftercare({
    plant: context.plant,
    stance: context.resolved.stance,
    ...seasonOf(context.resolved),
    isMount: facts.setup.kind === 'mount',
    hasReservoir: facts.hasReservoir,
    waterDsM: context.feeding.waterDsM,
    firstWeeks: firstWeeksOf(context, facts, judgement),
  });
}
