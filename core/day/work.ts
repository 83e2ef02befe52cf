/**
 * What a plant's work is made of: what hands do, what goes on by itself meanwhile, and what decides when in the day it is done.
 * The steps are common practice, no source; their minutes are from memory (constants.ts).
 */
import { isAsleep, isFailing, isPastItsLife, isRotting } from '../case';
import { mediumById } from '../catalogue/media';
import { keepsWater } from '../catalogue/vessels';
import type { CandidateFacts, CaseContext } from '../decide/setups';
import { layerVolumesL } from '../physics/drydown';
import { k } from './constants';
import type { DayPlant } from './day-case';

export const stepKinds = ['soak', 'unpot', 'clean', 'fizz', 'pot', 'flush', 'drain'] as const;
export type StepKind = (typeof stepKinds)[number];

export interface DayStep {
  readonly kind: StepKind;
  readonly minutes: number;
  /** It goes on by itself: hands are free for another plant. */
  readonly isPassive: boolean;
}

export interface PlantWork {
  readonly id: string;
  readonly steps: readonly DayStep[];
  readonly soakMin: number;
  /** Unpotting and cleaning; then, after the fizz, potting and flushing. */
  readonly firstMin: number;
  readonly fizzMin: number;
  readonly secondMin: number;
  /** Room it takes while it soaks. */
  readonly soakCm: number;
  /** The mix of its main layer, by which plants are done together. */
  readonly mixKey: string;
  readonly litres: number;
  readonly isUrgent: boolean;
  /** What is on it may spread. */
  readonly isSuspect: boolean;
  /** It comes out of rotten medium. */
  readonly isDirty: boolean;
  /** Leaves of a shade plant, wet and shaken, burn in the sun. */
  readonly isTender: boolean;
}

/** Ways of writing the same mix: order and scale of the parts make no other. */
export function mixKeyOf(
  mix: readonly { readonly mediumId: string; readonly parts: number; readonly own?: unknown }[],
): string {
  const all = mix.reduce((sum, { parts }) => sum + parts, 0);
  return mix
    .map(
      ({ mediumId, parts, own }) =>
        `${mediumId}${own === undefined ? '' : JSON.stringify(own)} ${(parts / all).toFixed(3)}`,
    )
    .sort()
    .join(' + ');
}

interface Seen {
  readonly context: CaseContext;
  readonly facts: CandidateFacts;
  readonly isSpent: boolean;
  /** Stone for stone: the ball moves on as it is. */
  readonly isBallKept: boolean;
}

function seenOf(context: CaseContext, facts: CandidateFacts): Seen {
  const { resolved } = context;
  const { mediumId } = resolved.current;
  const medium = mediumId === null ? null : mediumById(mediumId);
  const isSpent = isPastItsLife(resolved.current, medium, 1);
  return { context, facts, isSpent, isBallKept: medium !== null && !medium.organic && !isSpent && !facts.isOrganic };
}

/** In water before it is unpotted; not what sleeps dry, stands in water already, or has no roots to soak. */
function soakMinutes({ context: { plant, resolved } }: Seen): number {
  return isAsleep(plant) || keepsWater(resolved.current.vesselKind) ? 0 : k.SOAK_MIN;
}

function fizzes({ context: { plant, resolved } }: Seen): boolean {
  const { peroxide } = resolved.stance;
  return peroxide === 'always' || (peroxide !== 'never' && (isRotting(plant) || isFailing(plant)));
}

function cleanMinutes({ context: { plant }, isSpent, isBallKept }: Seen): number {
  const care = isBallKept ? k.CLEAN_BALL_KEPT : isSpent ? k.CLEAN_SPENT : 1;
  return plant.rootBallDiameterCm * k.CLEAN_MIN_PER_CM * care + k.CUT_MIN * (1 - plant.liveRootShare);
}

function potMinutes({ facts }: Seen, litres: number): number {
  const { spec } = facts;
  const { vessel } = spec;
  const fill = k.POT_MIN + litres * k.POT_MIN_PER_L;
  if (vessel.kind === 'mount') return k.MOUNT_MIN;
  return fill + (spec.layers.length - 1) * k.LAYER_MIN + (vessel.wickCount ?? 0) * k.WICK_MIN;
}

/** facts: of the setup it goes into. */
export function workOf(
  asked: Pick<DayPlant, 'id' | 'urgency' | 'isSuspect'>,
  context: CaseContext,
  facts: CandidateFacts,
): PlantWork {
  const seen = seenOf(context, facts);
  const { plant, resolved } = seen.context;
  const litres = layerVolumesL(seen.facts.setup).reduce((sum, volume) => sum + volume, 0);
  const soakMin = soakMinutes(seen);
  const unpotMin = k.UNPOT_MIN + plant.rootBallDiameterCm * k.UNPOT_MIN_PER_CM;
  const cleanMin = cleanMinutes(seen);
  const fizzMin = fizzes(seen) ? k.FIZZ_MIN : 0;
  const potMin = potMinutes(seen, litres);
  const all: readonly DayStep[] = [
    { kind: 'soak', minutes: soakMin, isPassive: true },
    { kind: 'unpot', minutes: k.STERILISE_MIN + unpotMin, isPassive: false },
    { kind: 'clean', minutes: cleanMin, isPassive: false },
    { kind: 'fizz', minutes: fizzMin, isPassive: true },
    { kind: 'pot', minutes: potMin, isPassive: false },
    { kind: 'flush', minutes: isAsleep(plant) ? 0 : k.FLUSH_MIN, isPassive: false },
    { kind: 'drain', minutes: isAsleep(plant) ? 0 : k.DRAIN_MIN, isPassive: true },
  ];
  const minutesOf = (kind: StepKind): number => all.find((step) => step.kind === kind)!.minutes;
  const isSuspect = asked.isSuspect || isRotting(plant);
  return {
    id: asked.id,
    steps: all.filter(({ minutes }) => minutes > 0),
    soakMin,
    firstMin: minutesOf('unpot') + minutesOf('clean'),
    fizzMin,
    secondMin: minutesOf('pot') + minutesOf('flush'),
    soakCm: (resolved.current.rimDiameterCm ?? plant.rootBallDiameterCm) + k.POT_GAP_CM,
    mixKey: mixKeyOf(facts.spec.layers.find(({ role }) => role === 'main')!.mix),
    litres,
    isUrgent: asked.urgency >= k.URGENT_FROM || resolved.plant.signs.noPot === true || isFailing(plant),
    isSuspect,
    isDirty: seen.isSpent,
    isTender: plant.genus.light === 'shade' || plant.genus.light === 'bright shade',
  };
}
