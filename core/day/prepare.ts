/**
 * A potting day prepared: who is done when, into what, out of which bags, with what is missing, and whether it fits. One pure
 * function of the question, so that one thing changed makes all of it follow.
 */
import { isOrganic } from '../physics/media';
import { mainLayer, realiseMix, type SetupSpec } from '../case';
import { makeRecipe, type Placement, type RecipeLine } from '../advise';
import type { RuleFinding } from '../decide/rules';
import { bringFor, type BringKind, type PlantCautions, saidOnce } from './bring';
import { byClock, type DaySetting, type PlantTimes } from './clock';
import { k } from './constants';
import type { DayAsked, DayPlant } from './day-case';
import { knownOf } from './known';
import { type Batch, batchesOf } from './mixes';
import { bestOrder } from './order';
import { matchPots, type PotGiven } from './pots';
import { type Shortage, shortagesOf } from './short';
import { type DayTime, timeOf, toDrop } from './time';
import { type PlantWork, workOf } from './work';

/** Why a plant comes where it comes. */
export type TurnReason =
  | 'cannot wait'
  | 'sick comes last'
  | 'same mix'
  | 'dirty before clean'
  | 'out of the sun'
  | 'large before tired'
  | 'as it fits';

export interface PreparedPlant {
  readonly id: string;
  readonly name: string;
  readonly setup: SetupSpec;
  readonly pot: PotGiven;
  readonly placement: Placement;
  readonly recipe: readonly RecipeLine[];
  /** Settled, of all layers. */
  readonly litres: number;
  readonly work: PlantWork;
  readonly times: PlantTimes;
  readonly turn: TurnReason;
  readonly cautions: PlantCautions;
}

export interface PreparedDay {
  /** In the order of work. */
  readonly plants: readonly PreparedPlant[];
  readonly batches: readonly Batch[];
  readonly mixingMin: number;
  readonly shortages: readonly Shortage[];
  readonly bring: readonly BringKind[];
  /** What is done with the media the evening before, each once. */
  readonly beforehand: readonly RuleFinding[];
  readonly time: DayTime;
  /** What to leave for another day; empty where all of it fits. */
  readonly drop: readonly string[];
  /** When it would end in the order in which the plants were given. */
  readonly asGivenEndMin: number;
}

function readied(plant: DayPlant, pot: PotGiven) {
  const { context, facts, litres, cautions, placement } = knownOf(plant.case, pot.setup);
  const work = workOf(plant, context, facts);
  return { plant, pot, context, facts, litres, work, placement, cautions: { plantId: plant.id, ...cautions } };
}
type Readied = ReturnType<typeof readied>;

/** Helpers add less than their number: all hands are a little slower together. */
function withHelpers(work: PlantWork, helpers: number): PlantWork {
  const slower = (1 + helpers) / (1 + k.HELPER_SHARE * helpers);
  return { ...work, firstMin: work.firstMin * slower, secondMin: work.secondMin * slower };
}

function mixingMinutes(batches: readonly Batch[], hands: number): number {
  const minutes = batches.map(({ potsL }) => k.MIX_MIN + potsL * k.MIX_MIN_PER_L);
  return minutes.reduce((sum, one) => sum + one, 0) / hands;
}

function turnOf(works: readonly PlantWork[], at: number, sun: DaySetting['sun'], usualL: number): TurnReason {
  const { isUrgent, isSuspect, isDirty, isTender, mixKey, litres } = works[at]!;
  if (isSuspect) return 'sick comes last';
  if (isUrgent) return 'cannot wait';
  if (at > 0 && works[at - 1]!.mixKey === mixKey) return 'same mix';
  if (isDirty) return 'dirty before clean';
  if (isTender && sun !== null) return 'out of the sun';
  return litres > usualL ? 'large before tired' : 'as it fits';
}

function eachOnce(findings: readonly RuleFinding[]): readonly RuleFinding[] {
  const byWhat = new Map(findings.map((finding) => [`${finding.ruleId} ${JSON.stringify(finding.figures)}`, finding]));
  return [...byWhat.values()];
}

export function prepareDay(asked: DayAsked): PreparedDay {
  const { plants, stock, helpers, hours } = asked;
  const wanted = plants.map(({ id: plantId, name: plantName, setup }) => {
    const isRotting = isOrganic(realiseMix(mainLayer(setup).mix));
    return { plantId, plantName, setup, isOrganic: isRotting };
  });
  const pots = matchPots(wanted, stock);
  const ready = plants.map((plant, n) => readied(plant, pots[n]!));
  const byId = new Map<string, Readied>(ready.map((one) => [one.plant.id, one]));
  const layers = ready.map(({ plant, pot, litres }) => ({ plantId: plant.id, setup: pot.setup, litres }));
  const batches = batchesOf(layers, asked.reserveShare ?? k.RESERVE_SHARE);
  const hands = 1 + helpers;
  const setting: DaySetting = {
    beginsAtMinute: asked.beginsAtMinute,
    hands,
    benchCm: asked.benchCm ?? k.BENCH_CM,
    mixingMin: mixingMinutes(batches, hands),
    sun: asked.sun ?? null,
  };
  const given = ready.map(({ work }) => withHelpers(work, helpers));
  const order = bestOrder(given, setting);
  const clock = byClock(order, setting);
  const availableMin = hours * 60;
  const time = timeOf(order, setting, availableMin);
  const urgency = new Map(plants.map((plant) => [plant.id, plant.urgency]));
  const cautions = saidOnce(order.map(({ id }) => byId.get(id)!.cautions));
  const usualL = order.reduce((sum, { litres }) => sum + litres, 0) / order.length;
  return {
    plants: order.map((work, at) => {
      const { plant, pot, litres, placement } = byId.get(work.id)!;
      return {
        id: plant.id,
        name: plant.name,
        setup: pot.setup,
        pot,
        placement,
        recipe: makeRecipe(plant.case, pot.setup),
        litres: litres.reduce((sum, one) => sum + one, 0),
        work,
        times: clock.times[at]!,
        turn: turnOf(order, at, setting.sun, usualL),
        cautions: cautions[at]!,
      };
    }),
    batches,
    mixingMin: setting.mixingMin,
    shortages: shortagesOf(batches, pots, stock),
    bring: bringFor(ready),
    beforehand: eachOnce(ready.flatMap(({ cautions: { beforehand } }) => beforehand)),
    time,
    drop: time.fits ? [] : toDrop(order, setting, availableMin, (id) => urgency.get(id)!),
    asGivenEndMin: byClock(given, setting).endMin,
  };
}
