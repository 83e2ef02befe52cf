/** The plant in the grower's hand: the genus, refined by what can be seen and measured. */
import { roundHalf } from '../base';
import { type Genus, type GrowthHabit, hasPseudobulbs, runsOneWay } from '../catalogue/genera';
import type { PlantWaterUse } from '../physics/drydown';
import { regimeFigures, type RootNeeds, saltToleranceDsM, warmthOf } from '../physics/stress';
import { k } from './constants';
import type { LeadDirection } from './lead-directions';
import type { GrowthMapSaid } from './growth-map-schema';
import { showsTips, type Signs } from './signs';
import type { PlantStage } from './stage';
import { widthTogether } from './width-together';

export const pseudobulbStates = ['plump', 'wrinkled', 'soft or oozing', 'no bulbs'] as const;
export type PseudobulbState = (typeof pseudobulbStates)[number];

export interface PlantInHand {
  readonly genus: Genus;
  readonly rootDiameterMm: number;
  readonly stage: PlantStage;
  readonly habit: GrowthHabit;
  /** Plants that go into the pot together; all that follows is of them as one. */
  readonly plantCount: number;
  /** Shoots that lead on. */
  readonly fronts: number;
  readonly frontsRun: LeadDirection;
  readonly shootCount: number;
  /** Where its shoots stand; null where nobody has drawn it. */
  readonly growthMap: GrowthMapSaid | null;
  /** Diameter of the root ball as it comes out of its pot, cm. */
  readonly rootBallDiameterCm: number;
  readonly heightCm: number;
  readonly leafAreaCm2: number;
  readonly signs: Signs;
  /** Share of the roots that are firm, 0..1. */
  readonly liveRootShare: number;
  readonly bulbs: PseudobulbState;
}

/** Its kind stands leafless between two seasons. */
export function shedsLeaves({ rest }: Pick<Genus, 'rest'>): boolean {
  return rest === 'leafless and dry' || rest === 'leafless and moist';
}

/**
 * Its new shoot starts before its roots, as leafless kinds wake: the old roots are dead by nature, and water before new ones is rot
 * (common practice, no source).
 */
export function isWaking({ genus, signs }: Pick<PlantInHand, 'genus' | 'signs'>): boolean {
  if (!shedsLeaves(genus) || showsTips(signs) || signs.shoot !== 'starting' || signs.leavesShed === false) return false;
  return signs.leavesShed === true || genus.traps.includes('roots die back every year');
}

/** Leafless between two seasons, or waking before its roots: it keeps none then that could fail, and wants nothing. */
export function isAsleep(plant: Pick<PlantInHand, 'genus' | 'signs'>): boolean {
  const { genus, signs } = plant;
  if (!shedsLeaves(genus) || showsTips(signs) || signs.shoot === 'rooting') return false;
  if (isWaking(plant)) return true;
  return signs.leavesShed === true || (signs.resting === true && signs.leavesShed !== false);
}

/** Growth that runs one way, so that the old end can go to the wall. */
export function growsOneWay({ habit, frontsRun }: Pick<PlantInHand, 'habit' | 'frontsRun'>): boolean {
  return runsOneWay(habit) && frontsRun === 'one way';
}

/** Rot was seen or smelt, or oozes from a bulb. */
export function isRotting({ signs, bulbs }: Pick<PlantInHand, 'signs' | 'bulbs'>): boolean {
  return signs.rot === true || bulbs === 'soft or oozing';
}

/** A plant that must first make roots. */
export function isFailing(plant: Pick<PlantInHand, 'genus' | 'signs' | 'liveRootShare'>): boolean {
  return plant.liveRootShare < k.FAILING_BELOW && !showsTips(plant.signs) && !isAsleep(plant);
}

/** The middle of the genus's root thickness, mm (geometric, since sizes spread by ratio). */
export function typicalRootMm(genus: Genus): number {
  return Math.sqrt(genus.rootThinnestMm * genus.rootThickestMm);
}

/**
 * A root ball that the given number of shoots usually makes, cm: what anchors a plant of its height, and the room of its
 * crowd of shoots, as one disc about another. Set on the sizes growers choose (see the table in size.test.ts).
 */
export function typicalRootBallCm(genus: Genus, shootCount: number): number {
  const { heightCm } = genus;
  if (genus.habit === 'single stem') return roundHalf(k.STEM_ANCHOR_CM + k.STEM_PER_ROOT_HEIGHT * Math.sqrt(heightCm));
  const anchorCm = k.ANCHOR_PER_LN_HEIGHT * Math.log(1 + heightCm);
  const stepCm = Math.max(k.LEAST_FOOTPRINT_CM, genus.rhizomeStepCm);
  const crowdCm = k.CROWD_SHARE * stepCm * Math.sqrt(shootCount);
  return roundHalf(Math.min(k.MOST_TYPICAL_BALL_CM, Math.hypot(anchorCm, crowdCm)));
}

/**
 * The root ball to expect out of a pot of a given rim, cm: it can fill the pot and no more, and what does not hold to the
 * roots falls off, so that it lies between the pot and what such a plant usually has; one that broke its pot fills it.
 */
export function ballOutOfPotCm(rimDiameterCm: number, typicalCm: number, hasBrokenIt = false): number {
  const fullCm = rimDiameterCm * k.BALL_TO_POT_SHARE;
  return roundHalf(Math.min(k.MOST_BALL_CM, fullCm, hasBrokenIt ? fullCm : (fullCm + typicalCm) / 2));
}

/** How the plant drinks, for the dry-down. */
export function waterUseOf(plant: PlantInHand): PlantWaterUse {
  const ballCm = plant.rootBallDiameterCm / widthTogether(plant.plantCount);
  // A root ball is about as deep as two thirds of its width.
  const ballL = (plant.plantCount * Math.PI * (ballCm / 2) ** 2 * (ballCm * 2)) / 3 / 1000;
  return {
    leafAreaCm2: plant.leafAreaCm2 * (isFailing(plant) ? k.FAILING_DRINKS : 1),
    photosynthesis: plant.genus.photosynthesis,
    rootVolumeL: ballL * k.ROOT_SOLID_SHARE * plant.liveRootShare,
    rootDiameterMm: plant.rootDiameterMm,
  };
}

/** What its roots need and can bear. hasReservoir: of the setup it is to stand in. */
export function needsOf({ genus }: PlantInHand, hasReservoir: boolean): RootNeeds {
  return {
    regime: regimeFigures[genus.regime],
    airNeed: genus.airNeed,
    warmth: warmthOf[genus.temperature],
    saltToleranceDsM: saltToleranceDsM[genus.saltTolerance],
    takesToWater: hasReservoir && genus.overReservoir !== 'never',
  };
}

/**
 * Leaf area to expect, cm²: the genus's for a shoot, and a third of that for each further one (old shoots have few
 * leaves), by the square of a stated height against the genus's (all leaves grow alike).
 */
export function typicalLeafAreaCm2(genus: Genus, shootCount: number, heightCm: number): number {
  const shoots = 1 + k.LEAF_PER_FURTHER_SHOOT * (shootCount - 1);
  const area = genus.leafAreaPerShootCm2 * shoots * (heightCm / genus.heightCm) ** 2;
  return Math.round(Math.min(k.MOST_LEAF_AREA_CM2, Math.max(k.LEAST_LEAF_AREA_CM2, area)));
}

/** Weight of plant and wet roots and where it sits above the medium, for tipping. */
export function plantWeightG(plant: PlantInHand): number {
  const perLeafCm2 = hasPseudobulbs(plant.habit) ? k.BULBED_G_PER_CM2 : k.PLAIN_G_PER_CM2;
  return plant.leafAreaCm2 * perLeafCm2 + plant.plantCount * k.WET_ROOTS_G;
}
