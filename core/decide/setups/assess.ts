/**
 * Judges one setup for one case: the dry-down in every month, the whole year under the grower's
 * routine, the air in the root zone, weight and stability.
 */
import { lazily } from '../../base';
import { needsOf, plantWeightG, realise, type SetupSpec, specId } from '../../case';
import {
  buildCoarseColumn,
  buildShownColumn,
  buildYearColumn,
  type Column,
  columnForDays,
  daysOf,
  doubted,
  drainedAir,
  type DryingTime,
  dryingTimeByMonth,
  filledHeightCm,
  HORIZON_DAYS,
  hydraulicsOfLayer,
  reservoirTimeDays,
  type Setup,
  wateringFor,
} from '../../physics/drydown';
import { containerCapacity, heaviestPart, isOrganic, meanPieceMm, type Mix, mixLifeYears } from '../../physics/media';
import { stability, type Stability, tippingWindMS } from '../../physics/pots';
import { type YearRoutine, sampleHealth, simulateYear, type YearReport } from '../../physics/year';
import { k } from './constants';
import type { CaseContext } from './context';
import { misfitFactor, type PieceBand, pieceBandMm } from './grade';
import { type PieceShift, pieceShifts, shiftFactor } from './shifts';

/** What can be said of a setup before any water moves. */
export interface CandidateFacts {
  readonly id: string;
  readonly spec: SetupSpec;
  readonly setup: Setup;
  /** Cut for ranking by a whole year (or, coarse, by some weeks). */
  readonly column: Column;
  /** Cut finely, for the year that is shown; made when asked for. */
  readonly fineColumn: Column;
  /** As finely as its days need; made when asked for. */
  readonly daysColumn: Column;
  readonly mainMix: Mix;
  /** Piece size of the main part of the mix (geometric mean), mm. */
  readonly pieceMm: number;
  /** The size that suits the roots in this pot, and why it is not that of the roots alone. */
  readonly pieceBand: PieceBand;
  readonly shifts: readonly PieceShift[];
  /** How far the pieces are off the band that suits the roots: 1 = inside. */
  readonly misfit: number;
  readonly isOrganic: boolean;
  readonly lifeYears: number;
  /** Air-filled porosity of the root zone right after watering, v/v. */
  readonly airAfterWatering: number;
  readonly hasReservoir: boolean;
}

export interface Judgement {
  readonly byMonth: readonly DryingTime[];
  readonly year: YearReport;
  /** Days a full reservoir lasts in the month that empties it fastest; null without one, or beyond the horizon. */
  readonly reservoirDays: number | null;
  readonly stability: Steadiness | null;
  /** Root health of some weeks when the grower comes half as late again, in the month that dries fastest, 0 to 1; 1 without a fixed gap. */
  readonly lateHealth: number;
  /** The same when they come as much too early, in the month that dries slowest. */
  readonly earlyHealth: number;
}

/** mesh "coarse" is for screening only: what it holds is right to a per cent or two, its days are a guess. */
export function factsOf(context: CaseContext, spec: SetupSpec, mesh: 'fine' | 'coarse' = 'fine'): CandidateFacts {
  const setup = realise(spec, context.ageing);
  const ofModel = (column: Column) => (context.doubt === null ? column : doubted(column, context.doubt));
  // Of thousands of candidates most are put aside before any water is asked for.
  const column = lazily(() => ofModel((mesh === 'fine' ? buildYearColumn : buildCoarseColumn)(setup, context.drinker)));
  const fineColumn = lazily(() => ofModel(buildShownColumn(setup, context.drinker)));
  const daysColumn = lazily(() => {
    const month = context.climate.year[context.climate.hardestMonth]!;
    const watering = wateringFor(context.routine);
    return columnForDays(setup, context.drinker, month, context.regime.waterAtShare, watering, ofModel);
  });
  const isBare = spec.vessel.kind === 'mount' && spec.vessel.padThicknessCm === 0;
  const mainMix = setup.kind === 'pot' ? setup.layers.find((layer) => layer.role === 'main')!.mix : setup.pad;
  const heaviest = heaviestPart(mainMix);
  const pieceMm = meanPieceMm(heaviest.medium);
  // By the pot: the finest media leave no room for free water between them, and still stand in it.
  const hasReservoir = setup.kind === 'pot' && setup.pot.reservoir.kind !== 'none';
  const isOrganicMix = !isBare && isOrganic(mainMix);
  const rimDiameterCm = setup.kind === 'pot' ? setup.pot.rimDiameterCm : null;
  const shifts = pieceShifts(context, { hasReservoir, rimDiameterCm, isOrganic: isOrganicMix });
  const pieceBand = pieceBandMm(context.plant.rootDiameterMm, shiftFactor(shifts));
  const sizeMatters =
    setup.kind === 'pot' && heaviest.medium.pieceShape !== 'strand' && heaviest.medium.pieceShape !== 'crumb';
  return {
    // Thousands of candidates are never named.
    get id() {
      return specId(spec);
    },
    spec,
    setup,
    get column() {
      return column();
    },
    get fineColumn() {
      return fineColumn();
    },
    get daysColumn() {
      return daysColumn();
    },
    mainMix,
    pieceMm,
    pieceBand,
    shifts,
    misfit: sizeMatters ? misfitFactor(pieceMm, pieceBand) : 1,
    isOrganic: isOrganicMix,
    lifeYears: isBare ? k.BARE_MOUNT_LIFE_YEARS : mixLifeYears(mainMix, context.ageing),
    get airAfterWatering() {
      return drainedAir(column());
    },
    hasReservoir,
  };
}

function quickOf({ routine, feeding, holiday, rest }: CaseContext): YearRoutine {
  return { routine, feeding, holiday, rest, flushes: true };
}

/**
 * A quick guess of the root health over the year, 0..1: some weeks of the hardest and of the
 * mildest month. Only decides which setups are worth the whole year; never shown. Once the days looked at show that it
 * cannot reach `worthFrom`, what it could reach at best is enough of an answer.
 */
export function screenHealth(context: CaseContext, facts: CandidateFacts, worthFrom = 0): number {
  const { gapDays, climate, plant } = context;
  const needs = needsOf(plant, facts.hasReservoir);
  const care = quickOf(context);
  const healthIn = (month: number, worth: number) =>
    sampleHealth(facts.column, climate.year[month]!, care, gapDays, needs, month, worth);
  const hardest = healthIn(climate.hardestMonth, leastOfOther(1, worthFrom));
  const atBest = healthOfTwo(hardest, 1);
  if (atBest < worthFrom) return atBest;
  return healthOfTwo(hardest, healthIn(climate.mildestMonth, leastOfOther(hardest, worthFrom)));
}

/** Root health of some weeks of a month where the gap between waterings is so many times the grower's. */
function healthOffTime(context: CaseContext, facts: CandidateFacts, times: number, month: number): number {
  const { gapDays, climate, plant, routine } = context;
  if (gapDays === null || (routine.kind !== 'every' && routine.kind !== 'weekdays')) return 1;
  const { way, soakMinutes } = routine;
  const manner = { ...(way === undefined ? {} : { way }), ...(soakMinutes === undefined ? {} : { soakMinutes }) };
  const care = { ...quickOf(context), routine: { kind: 'every' as const, days: gapDays * times, ...manner } };
  const needs = needsOf(plant, facts.hasReservoir);
  return sampleHealth(facts.column, climate.year[month]!, care, gapDays * times, needs, month);
}

/** Half the mean and half the worse, as the year is reckoned. */
function healthOfTwo(one: number, other: number): number {
  return (one + other) / 4 + Math.min(one, other) / 2;
}

/** The least health of the other month with which two come to so much. */
function leastOfOther(one: number, ofTwo: number): number {
  const asTheWorse = (4 * ofTwo - one) / 3;
  return asTheWorse <= one ? asTheWorse : 4 * ofTwo - 3 * one;
}

/** Days and year on the year's mesh: enough for rules and order. */
export function judge(context: CaseContext, facts: CandidateFacts): Judgement {
  return judgeOn(facts.column, facts.column, k.RANKING_STEP_HOURS, context, facts);
}

/** The same on the fine meshes: what is shown. */
export function judgeFinely(context: CaseContext, facts: CandidateFacts): Judgement {
  return judgeOn(facts.daysColumn, facts.fineColumn, 1, context, facts);
}

function judgeOn(
  daysColumn: Column,
  yearColumn: Column,
  stepHours: number,
  context: CaseContext,
  facts: CandidateFacts,
): Judgement {
  const { climate, plant } = context;
  return {
    ...daysOn(daysColumn, stepHours, context, facts.hasReservoir),
    year: simulateYear(yearColumn, climate.year, quickOf(context), needsOf(plant, facts.hasReservoir)),
    stability: stabilityOf(context, facts),
    lateHealth: healthOffTime(context, facts, k.LATE_TIMES, climate.hardestMonth),
    earlyHealth: healthOffTime(context, facts, 1 / k.LATE_TIMES, climate.mildestMonth),
  };
}

function daysOn(
  column: Column,
  stepHours: number,
  { climate, regime, routine }: CaseContext,
  hasReservoir: boolean,
): Pick<Judgement, 'byMonth' | 'reservoirDays'> {
  const watering = wateringFor(routine);
  const byMonth = dryingTimeByMonth(column, climate.year, regime.waterAtShare, watering, HORIZON_DAYS, stepHours);
  const days = byMonth.map(daysOf);
  if (!hasReservoir) return { byMonth, reservoirDays: null };
  const fewest = Math.min(...days);
  const fastest = climate.year[fewest < HORIZON_DAYS ? days.indexOf(fewest) : climate.hardestMonth]!;
  const reservoirDays = reservoirTimeDays(column, fastest, regime.waterAtShare, watering, HORIZON_DAYS, stepHours);
  return { byMonth, reservoirDays };
}

/**
 * From one round with water to the next in each month, January first: until it asks for water, or its reservoir is empty,
 * whichever comes sooner. What a grower counts, where rules count the days until it asks.
 */
export function roundsByMonth(
  { climate, regime, routine }: CaseContext,
  { hasReservoir, column }: CandidateFacts,
  byMonth: readonly DryingTime[],
): readonly DryingTime[] {
  if (!hasReservoir) return byMonth;
  const watering = wateringFor(routine);
  return climate.year.map((month, index) => {
    const asks = byMonth[index]!;
    const days = reservoirTimeDays(column, month, regime.waterAtShare, watering, daysOf(asks), k.RANKING_STEP_HOURS);
    return days === null ? asks : { status: 'dries', days: Math.min(days, daysOf(asks)) };
  });
}

/** How a filled pot stands with its plant. */
export interface Steadiness extends Stability {
  /** Speed of a gust that just blows it over, m/s. */
  readonly tippingWindMS: number;
}

function stabilityOf(context: CaseContext, facts: CandidateFacts): Steadiness | null {
  const { setup } = facts;
  if (setup.kind !== 'pot') return null;
  const layers = setup.layers.map((layer) => {
    const medium = hydraulicsOfLayer(layer);
    // Weighed half dry: the state in which a pot most easily falls over and is still in use.
    return {
      heightCm: layer.heightCm,
      densityGL: medium.dryDensityGL + k.HALF_WET_G_L * containerCapacity(medium, layer.heightCm),
    };
  });
  const surfaceCm = filledHeightCm(setup);
  const { plant } = context;
  const stands = stability(setup.pot, layers, {
    weightG: plantWeightG(plant),
    heightCm: surfaceCm + plant.heightCm * k.PLANT_BALANCE_SHARE,
  });
  const sail = {
    areaCm2: plant.leafAreaCm2 * k.FRONTAL_SHARE,
    heightCm: surfaceCm + plant.heightCm / 2,
  };
  return { ...stands, tippingWindMS: tippingWindMS(setup.pot, stands.weightG, sail) };
}

/** Weight half dry and with the plant, g; nothing of a mount. */
export function halfDryWeightG(context: CaseContext, facts: CandidateFacts): number {
  return stabilityOf(context, facts)?.weightG ?? 0;
}
