/** The plant in the grower's hand: the genus, refined by what can be seen and measured. */
import { type Genus, type GrowthHabit, hasBulbs } from '../catalogue/genera';
import type { Drinker } from '../physics/drydown';

export type PlantState =
  | 'growing, new root tips'
  | 'new shoot starting'
  | 'no new growth'
  | 'in bud or bloom'
  | 'dormant'
  | 'failing, poor roots';

export const plantStates = [
  'growing, new root tips',
  'new shoot starting',
  'no new growth',
  'in bud or bloom',
  'dormant',
  'failing, poor roots',
] as const satisfies readonly PlantState[];

export const bulbStates = ['plump', 'wrinkled', 'soft or oozing', 'no bulbs'] as const;
export type BulbState = (typeof bulbStates)[number];

export interface PlantInHand {
  readonly genus: Genus;
  readonly rootDiameterMm: number;
  readonly habit: GrowthHabit;
  readonly shootCount: number;
  /** Diameter of the root ball as it comes out of its pot, cm. */
  readonly rootBallDiameterCm: number;
  readonly heightCm: number;
  readonly leafAreaCm2: number;
  readonly state: PlantState;
  /** Share of the roots that are firm, 0..1. */
  readonly liveRootShare: number;
  readonly hasNewTips: boolean;
  readonly bulbs: BulbState;
}

/** Live roots under this share and no new tips: the plant cannot feed itself. */
const FAILING_BELOW = 0.25;

/** A plant that must first make roots. */
export function isFailing(plant: PlantInHand): boolean {
  return !plant.hasNewTips && (plant.state === 'failing, poor roots' || plant.liveRootShare < FAILING_BELOW);
}

/** What is usually found live, by state, where nothing was counted (from memory). */
export function usualLiveRootShare(state: PlantState): number {
  return state === 'failing, poor roots' ? 0.2 : 0.85;
}

/** The middle of the genus's root thickness, mm (geometric, since sizes spread by ratio). */
export function typicalRootMm(genus: Genus): number {
  return Math.sqrt(genus.rootThinnestMm * genus.rootThickestMm);
}

/** A root ball that the given number of shoots usually makes, cm (from memory). */
export function typicalRootBallCm(genus: Genus, shootCount: number): number {
  const spreadCm = genus.rhizomeStepCm * Math.sqrt(shootCount);
  const anchorCm = (genus.habit === 'single stem' ? 4 : 1.5) + 0.8 * Math.sqrt(genus.heightCm);
  return Math.round(Math.min(30, anchorCm + spreadCm) * 2) / 2;
}

/** A root ball fills about this share of the pot it comes out of (from memory). */
const BALL_TO_POT_SHARE = 0.85;

/** The root ball to expect out of a pot of a given rim diameter, cm. */
export function rootBallFromPotCm(rimDiameterCm: number): number {
  return Math.round(rimDiameterCm * BALL_TO_POT_SHARE * 2) / 2;
}

/** Share of the root ball that is solid root (from memory: an eighth in a well-rooted ball). */
const ROOT_SOLID_SHARE = 1 / 8;

/** How the plant drinks, for the dry-down. */
export function drinkerOf(plant: PlantInHand): Drinker {
  const radiusCm = plant.rootBallDiameterCm / 2;
  // A root ball is about as deep as two thirds of its width.
  const ballL = (Math.PI * radiusCm * radiusCm * (plant.rootBallDiameterCm * 2)) / 3 / 1000;
  return {
    // A plant short of roots closes its pores: it drinks about half (from memory).
    leafAreaCm2: plant.leafAreaCm2 * (isFailing(plant) ? 0.5 : 1),
    photosynthesis: plant.genus.photosynthesis,
    rootVolumeL: ballL * ROOT_SOLID_SHARE * plant.liveRootShare,
    rootDiameterMm: plant.rootDiameterMm,
  };
}

/** Weight of plant and wet roots and where it sits above the medium, for tipping (from memory). */
export function plantWeightG(plant: PlantInHand): number {
  const perLeafCm2 = hasBulbs(plant.habit) ? 0.25 : 0.15;
  return plant.leafAreaCm2 * perLeafCm2 + 20;
}
