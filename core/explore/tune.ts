/**
 * "Tune to my routine": the smallest change of moss share, grade, or pot that makes the pot ask for
 * water when the grower comes to water it.
 */
import { reviewSetup } from '../advise';
import { FaultError } from '../base';
import { mainLayer, type PlanCase, realise, resolveCase, type SetupSpec, specId } from '../case';
import { mediaCatalogue, mediumById } from '../catalogue/media';
import { potKindById } from '../catalogue/vessels';
import { allRules, forbiddingRule } from '../decide/rules';
import { type CaseContext, contextOf, factsOf, meanPieceMm } from '../decide/setups';
import { buildColumn, daysOf, dryingTime } from '../physics/drydown';
import { cm, metricWords, mmRange, percent, type WordUnits } from '../words';
import { baseOf, changedSpec, mossShareOf, type WhatIf } from './change';

export interface Tuned {
  readonly spec: SetupSpec;
  readonly change: WhatIf;
  /** What is changed, in words. */
  readonly sentence: string;
  /** Days until it asks for water in the middling month. */
  readonly days: number;
  /** How much is changed: 1 is about one grade, one pot size and a half, or a quarter of moss. */
  readonly effort: number;
}

export interface Tuning {
  readonly targetDays: number;
  readonly nowDays: number;
  /** Smallest change first; empty when nothing tried comes nearer. */
  readonly options: readonly Tuned[];
  /** Whether the first option is on the grower's day. */
  readonly isReached: boolean;
}

/** On the day when within this share of the interval, or half a day. */
const ON_THE_DAY_SHARE = 0.1;
const ON_THE_DAY_DAYS = 0.5;
const STEP_HOURS = 2;
const MOST_OPTIONS = 3;

const mossSteps = [0, 0.1, 0.15, 0.2, 0.25, 0.3, 0.35, 0.4, 0.5, 0.6] as const;
const MOSS_UNIT = 0.25;
const RIM_STEP_EFFORT = 0.7;
const WALL_EFFORT = 1.2;

/** Median over the year of the days until it asks for water. */
function middlingDays(context: CaseContext, spec: SetupSpec, horizonDays: number): number {
  const column = buildColumn(realise(spec, context.ageing), context.drinker);
  const all = context.climate.year
    .map((month) => daysOf(dryingTime(column, month, context.regime.waterAtShare, horizonDays, STEP_HOURS)))
    .sort((a, b) => a - b);
  return (all[5]! + all[6]!) / 2;
}

interface Move {
  readonly change: WhatIf;
  readonly effort: number;
  readonly words: readonly string[];
}

const STAY: Move = { change: {}, effort: 0, words: [] };

function mossMoves(spec: SetupSpec): readonly Move[] {
  const { mix } = mainLayer(spec);
  const now = mossShareOf(mix);
  // A pot of nothing but moss has no share to change.
  if (now >= 1) return [STAY];
  const moves = mossSteps
    .filter((share) => Math.abs(share - now) > 0.02)
    .map((share): Move => ({
      change: { mossShare: share },
      effort: Math.abs(share - now) / MOSS_UNIT,
      words: [share === 0 ? 'no moss' : `${percent(share)} moss instead of ${percent(now)}`],
    }));
  return [STAY, ...moves];
}

function gradeMoves(spec: SetupSpec, units: WordUnits): readonly Move[] {
  const base = mediumById(baseOf(mainLayer(spec).mix).mediumId);
  const grades = mediaCatalogue
    .map((entry) => mediumById(entry.id))
    .filter((medium) => medium.family === base.family && medium.pieceShape === base.pieceShape)
    .sort((a, b) => meanPieceMm(a) - meanPieceMm(b));
  const own = grades.findIndex((grade) => grade.id === base.id);
  return grades.map((grade, index) =>
    index === own
      ? STAY
      : {
          change: { baseMediumId: grade.id },
          effort: Math.abs(index - own),
          words: [`pieces of ${mmRange(grade.smallMm, grade.largeMm, units)}`],
        },
  );
}

function potMoves(spec: SetupSpec, units: WordUnits): readonly Move[] {
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
      effort: Math.abs(offset) * RIM_STEP_EFFORT,
      words: [`the ${cm(rim, units)} pot`],
    });
  }
  const otherWalls =
    kind.reservoir === 'none'
      ? ['plastic-round', 'clay-unglazed', 'plastic-slotted'].filter((id) => id !== potKindId)
      : [];
  for (const id of otherWalls) {
    moves.push({
      change: { potKindId: id },
      effort: WALL_EFFORT,
      words: [potKindById(id).name.toLowerCase()],
    });
  }
  return moves;
}

/**
 * Searches all combinations of share, grade and pot. Throws a FaultError for a routine that follows
 * the pot, and for a mount or a reservoir, which have no share or grade to tune.
 */
export function tuneToRoutine(planCase: PlanCase, spec: SetupSpec, units: WordUnits = metricWords): Tuning {
  const context = contextOf(resolveCase(planCase));
  const { gapDays } = context;
  if (gapDays === null) {
    throw new FaultError([
      { path: 'routine', message: 'watering when it is dry follows the pot already: there is no day to tune to' },
    ]);
  }
  if (spec.vessel.kind === 'mount') {
    throw new FaultError([{ path: 'setup', message: 'a mount has no mix to tune: change its pad instead' }]);
  }
  if (potKindById(spec.vessel.potKindId).reservoir !== 'none') {
    throw new FaultError([
      { path: 'setup', message: 'over water the reservoir sets the day: change wicks or size instead' },
    ]);
  }
  const horizonDays = Math.min(60, gapDays * 3 + 4);
  const isOnDay = (found: number) => Math.abs(found - gapDays) <= Math.max(ON_THE_DAY_DAYS, ON_THE_DAY_SHARE * gapDays);
  const nowDays = middlingDays(context, spec, horizonDays);
  const distance = (found: number) => Math.abs(Math.log(found / gapDays));

  const tried = new Map<string, Tuned>();
  for (const moss of mossMoves(spec)) {
    for (const grade of gradeMoves(spec, units)) {
      for (const pot of potMoves(spec, units)) {
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
          sentence: `${capital(moves.flatMap((move) => move.words).join(', '))}.`,
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
    .filter((option) => distance(option.days) < distance(nowDays) - 0.02)
    .sort((a, b) => distance(a.days) - distance(b.days) || a.effort - b.effort);
  const isAllowed = (option: Tuned) => reviewSetup(planCase, option.spec, units).ruledOutBy === null;
  const reached = pickDistinct(onDay, isAllowed);
  const options = reached.length > 0 ? reached : pickDistinct(nearer, isAllowed);
  return { targetDays: gapDays, nowDays, options, isReached: reached.length > 0 };
}

/** Options worth a whole year's judgement before giving up: a plan has no time for hundreds. */
const MOST_REVIEWED = 30;

/**
 * The first of each kind of change (by share, by grade, by pot rather than three shares) that no rule
 * forbids once its whole year is known.
 */
function pickDistinct(options: readonly Tuned[], isAllowed: (option: Tuned) => boolean): readonly Tuned[] {
  const picked = new Map<string, Tuned>();
  let reviewed = 0;
  for (const option of options) {
    const kind = Object.keys(option.change).sort().join('+');
    if (picked.has(kind)) continue;
    if (picked.size >= MOST_OPTIONS || reviewed >= MOST_REVIEWED) break;
    reviewed += 1;
    if (isAllowed(option)) picked.set(kind, option);
  }
  return [...picked.values()];
}

function capital(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1);
}
