/**
 * Generates the setups to be judged: every recipe in the grades that suit the roots, in the pots
 * that suit the plant, with and without crocking and top dressing.
 */
import { round1 } from '../../base';
import {
  isFailing,
  mediumOfPart,
  type MixPartSpec,
  potOf,
  type PotSpec,
  realiseMix,
  type SetupSpec,
  specId,
} from '../../case';
import { mediaCatalogue, mediumById } from '../../catalogue/media';
import { mountKindById, mountKindIds, potKindById } from '../../catalogue/vessels';
import { DRY_HOME_PCT } from '../../physics/air';
import type { MediumFamily, MediumFigures } from '../../physics/media';
import { isOpenWork } from '../../physics/pots';
import { approachOf } from './approach';
import { crockingThere, isAtHand } from './at-hand';
import { k } from './constants';
import type { CaseContext } from './context';
import { fillPot, pureMix } from './fill';
import { byFit } from './grade';
import { mountKinds, mountPadsCm, type Recipe, recipes, type TopDressing, topDressings } from './recipes';
import { shiftFactor } from './shifts';
import { leastRimCm, potsToTry, sizesTried, yearsFor } from './size';

const figures: readonly MediumFigures[] = mediaCatalogue.map((entry) => mediumById(entry.id));

/** Media that serve in a mix or as crocking but do not fill a pot by themselves. */
const neverAlone = new Set(['sphagnum-packed', 'sphagnum-chopped', 'brick-8-16', 'cork-8-16', 'coco-fibre']);

/** A base of a mix: a catalogue grade, or the grower's own medium. */
type Base = Pick<MixPartSpec, 'mediumId' | 'own'>;

/** Bases of a family, best fitting first; the grower's own media of that family come as well. */
function basesOf(family: MediumFamily, context: CaseContext): readonly Base[] {
  const grades = figures.filter(
    ({ id, family: of }) => of === family && !neverAlone.has(id) && isAtHand(context.resolved, id),
  );
  const fitting = byFit(grades, context.plant.rootDiameterMm * shiftFactor(context.pieceShifts)).slice(
    0,
    k.GRADES_TRIED,
  );
  const own = context.resolved.ownMedia.filter((medium) => mediumById(medium.likeId).family === family);
  return [
    ...fitting.map((medium) => ({ mediumId: medium.id })),
    ...own.map((medium) => ({ mediumId: medium.likeId, own: medium })),
  ];
}

/** Tops to try: the one the grower holds to, or the bare top and every other when they left it open. */
function topsFor(recipe: Recipe, base: Base, context: CaseContext): readonly (TopDressing | null)[] {
  if (!recipe.takesTop) return [null];
  const chosen = context.resolved.chosenSchools.top;
  const there = topDressings.filter(({ mediumId }) => isAtHand(context.resolved, mediumId));
  if (chosen === undefined) return [null, ...there.filter((top) => isWorthTrying(top, base, context))];
  return [there.find((top) => top.side === chosen) ?? null];
}

/** Lava and moss on top answer dry air and wandering growth; elsewhere nobody reaches for them. */
function isWorthTrying(top: TopDressing, base: Base, { climate, plant }: CaseContext): boolean {
  const wanders = plant.habit === 'climbing chain' || plant.habit === 'rambling';
  switch (top.side) {
    case 'pebbles':
      return true;
    case 'lava':
      return wanders;
    case 'moss':
      return wanders || climate.meanHumidityPct < DRY_HOME_PCT;
    case 'coarse':
      // Its roots run in the airy top and drink from the fine layer under it.
      return plant.habit === 'rambling' && mediumOfPart({ ...base }).d90Mm <= k.FINE_UNDER_COARSE_MM;
  }
}

function pottedSetups(recipe: Recipe, base: Base, context: CaseContext): readonly SetupSpec[] {
  const { resolved } = context;
  const mix: readonly MixPartSpec[] =
    recipe.additions.length === 0
      ? [{ ...base, parts: 1 }]
      : [
          { ...base, parts: k.BASE_PARTS },
          ...recipe.additions.map((addition) => ({ mediumId: addition.mediumId, parts: addition.partsToFour })),
        ];
  const years = recipe.approach === 'recovery in moss' ? 0 : yearsFor(context, realiseMix(mix));
  const most = sizesTried(resolved.stance);
  const leastCm = recipe.approach === 'recovery in moss' ? 0 : leastRimCm(context);
  const tops = topsFor(recipe, base, context);
  const crockingId = crockingThere(resolved, base);
  return recipe.vesselKinds.flatMap((kind) =>
    potsToTry(context, kind, years, most, leastCm).flatMap((vessel, size) =>
      withWicks(vessel, context).flatMap((wicked) =>
        crockingsFor(recipe, wicked, size > 0 && wantsDeepCrocking(context), crockingId).flatMap((crocking) =>
          tops.flatMap((top): SetupSpec[] => {
            const layers = fillPot(wicked, mix, crocking, top, crockingId ?? undefined);
            const main = layers.find((layer) => layer.role === 'main')!;
            return main.heightCm < k.LEAST_MAIN_CM ? [] : [{ approach: recipe.approach, vessel: wicked, layers }];
          }),
        ),
      ),
    ),
  );
}

/** A pot too large is filled up with crocking where it is the one at hand, or where a tall plant wants the weight. */
function wantsDeepCrocking({ plant, resolved }: CaseContext): boolean {
  return resolved.ownPots.length > 0 || plant.heightCm >= k.TALL_CM;
}

/**
 * Crocking to try, as shares of the filled depth. A net needs none; with an air cone it is for a pot that is too large; over
 * side holes it lifts the roots out of the standing water.
 */
function crockingsFor(recipe: Recipe, vessel: PotSpec, isRoomy: boolean, crockingId: string | null): readonly number[] {
  if (crockingId === null) return [0];
  const pot = potOf(vessel);
  // A recovery pot is as small as the roots: there is nothing to make smaller.
  const deep = isRoomy && recipe.additions.length === 0 ? [k.DEEP_CROCKING_SHARE] : [];
  if (isOpenWork(pot)) return [0];
  if (pot.reservoir.kind === 'side holes') return [0, pot.reservoir.holeHeightCm / (pot.heightCm - k.RIM_GAP_CM)];
  if (pot.reservoir.kind === 'wicks') return [0];
  if (pot.cone !== null) return [0, ...deep];
  const usual = recipe.crockingShares;
  return usual.some((share) => share > 0) ? [...new Set([...usual, ...deep])] : usual;
}

/** A pot as it is; with wicks also with one more, and for fine roots with wicks that end at the middle. */
function withWicks(vessel: PotSpec, { plant }: CaseContext): readonly PotSpec[] {
  const { reservoir, heightCm } = potOf(vessel);
  if (reservoir.kind !== 'wicks') return [vessel];
  const isFine = plant.rootDiameterMm <= k.FINE_ROOT_MM;
  const usual = isFine ? { ...vessel, wickHeightCm: round1(heightCm * k.FINE_ROOT_WICKS_SHARE) } : vessel;
  return [usual, { ...usual, wickCount: reservoir.wickCount + 1 }];
}

/** What a pad is made of. */
const PAD = 'sphagnum-loose';

function mounted(mountKindId: string, padThicknessCm: number, isLying: boolean, context: CaseContext): SetupSpec {
  const { widthsCm } = mountKindById(mountKindId);
  const neededCm = context.plant.rootBallDiameterCm * k.MOUNT_WIDTH_SHARE;
  const widthCm = widthsCm.find((width) => width >= neededCm) ?? widthsCm[widthsCm.length - 1]!;
  return {
    approach: 'mount',
    vessel: { kind: 'mount', mountKindId, widthCm, padThicknessCm, ...(isLying ? { isLying } : {}) },
    layers: [
      {
        role: 'main',
        mix: [{ mediumId: PAD, parts: 1 }],
        heightCm: Math.max(k.BARE_FILM_CM, padThicknessCm),
      },
    ],
  };
}

/** The medium it stands in, in the kind of pot it stands in, with room to grow: what works stays. */
function asItIs(context: CaseContext): readonly SetupSpec[] {
  const { current, stance } = context.resolved;
  const { mediumId, vesselKind } = current;
  if (mediumId === null || mountKindIds.includes(vesselKind ?? '')) return [];
  const isPure = current.mix!.length === 1 && current.mix![0]!.own === undefined;
  if (isPure && neverAlone.has(mediumId)) return [];
  const medium = mediumById(mediumId);
  const mix = isPure ? pureMix(mediumId) : current.mix!;
  if (mix.some((part) => part.own === undefined && !isAtHand(context.resolved, part.mediumId))) return [];
  const years = yearsFor(context, realiseMix(mix));
  return potsToTry(context, vesselKind ?? USUAL_POT, years, sizesTried(stance), leastRimCm(context)).map((vessel) => ({
    approach: approachOf(potKindById(vessel.potKindId), medium),
    vessel,
    layers: fillPot(vessel, mix, 0, null),
  }));
}

/**
 * The medium it stands in on one side and another on the other, half and half: the roots may choose. For a plant with roots to
 * go on with, where its medium is known.
 */
function besideTheOld(context: CaseContext): readonly SetupSpec[] {
  const { current, stance } = context.resolved;
  const { mediumId } = current;
  if (mediumId === null || neverAlone.has(mediumId) || isFailing(context.plant)) return [];
  if (!isAtHand(context.resolved, mediumId)) return [];
  const old = mediumById(mediumId);
  return (
    besideFamilies
      .filter((family) => family !== old.family)
      .flatMap((family) => basesOf(family, context).slice(0, 1))
      // One that lives another life: from organic to stone or back, or out of moss.
      .filter((base) => mediumOfPart({ ...base }).organic !== old.organic || old.family === 'sphagnum')
      .flatMap((base) => {
        const mix = [
          { mediumId, parts: 1 },
          { ...base, parts: 1 },
        ];
        const years = yearsFor(context, realiseMix(mix));
        return besidePots.flatMap((kind) =>
          potsToTry(context, kind, years, sizesTried(stance), leastRimCm(context)).map((vessel) => ({
            approach: approachOf(potKindById(vessel.potKindId), mediumOfPart({ ...base })),
            vessel,
            layers: fillPot(vessel, mix, 0, null).map((layer) =>
              layer.role === 'main' ? { ...layer, isSideBySide: true } : layer,
            ),
          })),
        );
      })
  );
}

const besideFamilies = ['conifer bark', 'pumice', 'expanded clay', 'fired clay'] as const;
const besidePots = ['plastic-clear-cone', 'plastic-round', 'clay-unglazed'] as const;

/** Cheaper to ask of thousands than their names. */
function couldBe(one: SetupSpec, other: SetupSpec): boolean {
  const sizeOf = ({ vessel }: SetupSpec) => (vessel.kind === 'pot' ? vessel.rimDiameterCm : vessel.widthCm);
  return one.layers.length === other.layers.length && sizeOf(one) === sizeOf(other);
}

/** What a plant stands in of which only the medium is told. */
const USUAL_POT = 'plastic-round';

/** The same case where anything may be bought. */
export const buyingAnything = (context: CaseContext): CaseContext =>
  context.resolved.mediaAtHand === null
    ? context
    : { ...context, resolved: { ...context.resolved, mediaAtHand: null } };

/**
 * All setups to judge for a case, in a fixed order. Where the grower said what they have, they are made of that; what they
 * have for no pot at all is no limit.
 */
export function generateCandidates(context: CaseContext): readonly SetupSpec[] {
  const specs = candidatesOf(context);
  const hasPot = specs.some(({ vessel }) => vessel.kind === 'pot');
  return hasPot || context.resolved.mediaAtHand === null ? specs : candidatesOf(buyingAnything(context));
}

function candidatesOf(context: CaseContext): readonly SetupSpec[] {
  const potSetups = recipes
    .filter(({ additions }) => additions.every(({ mediumId }) => isAtHand(context.resolved, mediumId)))
    .flatMap((recipe) => basesOf(recipe.base, context).flatMap((base) => pottedSetups(recipe, base, context)));
  const pads = mountPadsCm.filter((pad) => pad === 0 || isAtHand(context.resolved, PAD));
  const mountSetups = mountKinds.flatMap((kind) =>
    pads.flatMap((pad) =>
      // Bare roots hang either way; a pad laid flat stays wet for longer.
      (pad > 0 ? [false, true] : [false]).map((isLying) => mounted(kind, pad, isLying, context)),
    ),
  );
  const kept = asItIs(context);
  const ids = kept.map(specId);
  const isNew = (spec: SetupSpec) => !kept.some((one) => couldBe(one, spec)) || !ids.includes(specId(spec));
  return [...kept, ...potSetups.filter(isNew), ...besideTheOld(context), ...mountSetups];
}
