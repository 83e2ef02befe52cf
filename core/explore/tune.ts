/**
 * "Tune to my routine": the smallest change of moss share, grade, or pot that makes the pot ask for
 * water when the grower comes to water it.
 */
import { verdictOn } from '../advise';
import { FaultError, medianOf } from '../base';
import { mainLayer, type PlanCase, realise, resolveCase, type SetupSpec, specId } from '../case';
import { gradesLike, mediumById } from '../catalogue/media';
import { potKindById } from '../catalogue/vessels';
import { allRules, forbiddingRule } from '../decide/rules';
import { type CaseContext, contextOf, factsOf } from '../decide/setups';
import { buildColumn, daysOf, dryingTime, HORIZON_DAYS } from '../physics/drydown';
import { baseOf, changedSpec, mossShareOf, type WhatIf } from './change';
import { k, mossShareConstants } from './constants';

/** One thing changed. */
export type TuneMove =
  | { readonly code: 'moss'; readonly share: number; readonly fromShare: number }
  | { readonly code: 'grade'; readonly smallMm: number; readonly largeMm: number }
  | { readonly code: 'rim'; readonly rimDiameterCm: number }
  | { readonly code: 'pot kind'; readonly potKindId: string };

export interface TunedFact {
  readonly spec: SetupSpec;
  readonly change: WhatIf;
  readonly moves: readonly TuneMove[];
  /** Days until it asks for water in the middling month. */
  readonly days: number;
  /** How much is changed: 1 is about one grade, one pot size and a half, or a quarter of moss. */
  readonly effort: number;
}

export interface TuningFacts {
  readonly targetDays: number;
  readonly nowDays: number;
  /** Smallest change first; empty when nothing tried comes nearer. */
  readonly options: readonly TunedFact[];
  /** Whether the first option is on the grower's day. */
  readonly isReached: boolean;
}

/** Median over the year of the days until it asks for water. */
function middlingDays(context: CaseContext, spec: SetupSpec, horizonDays: number): number {
  const column = buildColumn(realise(spec, context.ageing), context.drinker);
  const all = context.climate.year.map((month) =>
    daysOf(dryingTime(column, month, context.regime.waterAtShare, horizonDays, k.TUNE_STEP_HOURS)),
  );
  return medianOf(all);
}

interface Move {
  readonly change: WhatIf;
  readonly effort: number;
  readonly move: TuneMove | null;
}

const STAY: Move = { change: {}, effort: 0, move: null };

function mossMoves(spec: SetupSpec): readonly Move[] {
  const { mix } = mainLayer(spec);
  const now = mossShareOf(mix);
  // A pot of nothing but moss has no share to change.
  if (now >= 1) return [STAY];
  const moves = mossShareConstants
    .map(({ value }) => value)
    .filter((share) => Math.abs(share - now) > k.SAME_MOSS_SHARE)
    .map((share): Move => ({
      change: { mossShare: share },
      effort: Math.abs(share - now) / k.MOSS_UNIT,
      move: { code: 'moss', share, fromShare: now },
    }));
  return [STAY, ...moves];
}

function gradeMoves(spec: SetupSpec): readonly Move[] {
  const base = mediumById(baseOf(mainLayer(spec).mix).mediumId);
  const grades = gradesLike(base);
  const own = grades.findIndex((grade) => grade.id === base.id);
  return grades.map((grade, index) =>
    index === own
      ? STAY
      : {
          change: { baseMediumId: grade.id },
          effort: Math.abs(index - own),
          move: { code: 'grade', smallMm: grade.d10Mm, largeMm: grade.d90Mm },
        },
  );
}

function potMoves(spec: SetupSpec): readonly Move[] {
  if (spec.vessel.kind !== 'pot') return [STAY];
  const { potKindId, rimDiameterCm } = spec.vessel;
  const kind = potKindById(potKindId);
  const sizes = [...kind.rimDiametersCm].sort((a, b) => a - b);
  const own = sizes.findIndex((rim) => rim >= rimDiameterCm);
  const moves: Move[] = [STAY];
  for (const offset of [-2, -1, 1, 2]) {
    const rim = sizes[own + offset];
    if (rim === undefined || own < 0) continue;
    moves.push({
      change: { rimDiameterCm: rim },
      effort: Math.abs(offset) * k.RIM_STEP_EFFORT,
      move: { code: 'rim', rimDiameterCm: rim },
    });
  }
  const otherWalls =
    kind.reservoir === 'none'
      ? ['plastic-round', 'clay-unglazed', 'plastic-slotted'].filter((id) => id !== potKindId)
      : [];
  for (const id of otherWalls) {
    moves.push({
      change: { potKindId: id },
      effort: k.WALL_EFFORT,
      move: { code: 'pot kind', potKindId: id },
    });
  }
  return moves;
}

/**
 * Searches all combinations of share, grade and pot. Throws a FaultError for a routine that follows
 * the pot, and for a mount or a reservoir, which have no share or grade to tune.
 */
export function tuneToRoutine(planCase: PlanCase, spec: SetupSpec): TuningFacts {
  const context = contextOf(resolveCase(planCase));
  const { gapDays } = context;
  if (gapDays === null) {
    throw new FaultError([{ path: 'routine', fact: { code: 'follows the pot' } }]);
  }
  if (spec.vessel.kind === 'mount') {
    throw new FaultError([{ path: 'setup', fact: { code: 'mount has no mix' } }]);
  }
  if (potKindById(spec.vessel.potKindId).reservoir !== 'none') {
    throw new FaultError([{ path: 'setup', fact: { code: 'reservoir sets the day' } }]);
  }
  const horizonDays = Math.min(HORIZON_DAYS, gapDays * k.TUNE_HORIZON_GAPS + k.TUNE_HORIZON_DAYS);
  const isOnDay = (found: number) =>
    Math.abs(found - gapDays) <= Math.max(k.ON_THE_DAY_DAYS, k.ON_THE_DAY_SHARE * gapDays);
  const nowDays = middlingDays(context, spec, horizonDays);
  const distance = (found: number) => Math.abs(Math.log(found / gapDays));

  const tried = new Map<string, TunedFact>();
  for (const moss of mossMoves(spec)) {
    for (const grade of gradeMoves(spec)) {
      for (const pot of potMoves(spec)) {
        const moves = [moss, grade, pot].filter((move) => move !== STAY);
        // Three changes at once are another setup, not a tuned one.
        if (moves.length === 0 || moves.length > 2) continue;
        const change: WhatIf = Object.assign({}, ...moves.map((move) => move.change)) as WhatIf;
        const tunedSpec = changedSpec(spec, change);
        const id = specId(tunedSpec);
        if (tried.has(id)) continue;
        const facts = factsOf(context, tunedSpec, 'coarse');
        if (forbiddingRule(allRules, { context, facts, judgement: null })) continue;
        tried.set(id, {
          spec: tunedSpec,
          change,
          moves: moves.flatMap(({ move }) => (move ? [move] : [])),
          days: middlingDays(context, tunedSpec, horizonDays),
          effort: moves.reduce((sum, move) => sum + move.effort, 0),
        });
      }
    }
  }
  const all = [...tried.values()];
  const onDay = all
    .filter((option) => isOnDay(option.days))
    .sort((a, b) => a.effort - b.effort || distance(a.days) - distance(b.days));
  const nearer = all
    .filter((option) => distance(option.days) < distance(nowDays) - k.NEARER_BY)
    .sort((a, b) => distance(a.days) - distance(b.days) || a.effort - b.effort);
  const isAllowed = (option: TunedFact) => !verdictOn(planCase, option.spec).isRuledOut;
  const reached = pickDistinct(onDay, isAllowed);
  const options = reached.length > 0 ? reached : pickDistinct(nearer, isAllowed);
  return { targetDays: gapDays, nowDays, options, isReached: reached.length > 0 };
}

/**
 * The first of each kind of change (by share, by grade, by pot rather than three shares) that no rule
 * forbids once its whole year is known.
 */
function pickDistinct(options: readonly TunedFact[], isAllowed: (option: TunedFact) => boolean): readonly TunedFact[] {
  const picked = new Map<string, TunedFact>();
  let reviewed = 0;
  for (const option of options) {
    const kind = Object.keys(option.change).sort().join('+');
    if (picked.has(kind)) continue;
    if (picked.size >= k.MOST_OPTIONS || reviewed >= k.MOST_REVIEWED) break;
    reviewed += 1;
    if (isAllowed(option)) picked.set(kind, option);
  }
  return [...picked.values()];
}
