/** A genus, or a group that growers treat as one: how it grows and what its roots want. */
import type { Plain, Sourced } from '../../base';
import type { Photosynthesis } from '../../physics/drydown';
import type { MoistureRegime, RestKind, SaltClass, WarmthClass } from '../../physics/stress';
import type { Trap } from './traps';

export const growthHabits = [
  'creeping',
  'rambling',
  'clump',
  'canes',
  'fans',
  'single stem',
  'climbing chain',
  'creeping stem',
  'underground bulbs',
] as const;
export type GrowthHabit = (typeof growthHabits)[number];

/** How roots take being disturbed. */
export type RootHardiness = 'robust' | 'ordinary' | 'fussy';
export type DepthRule = 'on the surface' | 'base just tucked in' | 'all roots covered' | 'bulb 4 cm under';
/** Whether roots may be covered with medium. */
export type CoverTolerance = 'refuses cover' | 'takes cover' | 'needs cover';
export type Suitability = 'well' | 'possible' | 'never';
export type TemperatureClass = WarmthClass;
export type LightClass = 'shade' | 'bright shade' | 'bright' | 'sun';
export type SaltTolerance = SaltClass;
export type Rest = 'none' | RestKind;
export const limeNeeds = ['wants lime', 'no matter', 'hates lime'] as const;
/** Of a species from limestone, or from where there is none. */
export type LimeNeed = (typeof limeNeeds)[number];

export interface GenusEntry {
  readonly id: string;
  readonly name: string;
  /** Synonyms, old names and close kin treated alike. */
  readonly alsoCalled: readonly string[];
  readonly rootThinnestMm: Sourced<number>;
  readonly rootThickestMm: Sourced<number>;
  readonly rootsBranch: Sourced<boolean>;
  readonly rootHardiness: Sourced<RootHardiness>;
  readonly habit: Sourced<GrowthHabit>;
  /** Distance between shoots along the rhizome, cm; 0 for a single stem. */
  readonly rhizomeStepCm: Sourced<number>;
  readonly shootsPerYear: Sourced<number>;
  /** Chance that a shoot makes two fronts, 0..1. */
  readonly forkingChance: Sourced<number>;
  /** Least air-filled porosity its roots want after watering, v/v. */
  readonly airNeed: Sourced<number>;
  readonly regime: Sourced<MoistureRegime>;
  readonly temperature: Sourced<TemperatureClass>;
  readonly light: Sourced<LightClass>;
  readonly saltTolerance: Sourced<SaltTolerance>;
  readonly rest: Sourced<Rest>;
  readonly depth: Sourced<DepthRule>;
  readonly cover: Sourced<CoverTolerance>;
  readonly heightCm: Sourced<number>;
  readonly leafAreaPerShootCm2: Sourced<number>;
  readonly photosynthesis: Sourced<Photosynthesis>;
  readonly overReservoir: Sourced<Suitability>;
  readonly onMount: Sourced<Suitability>;
  readonly traps: Sourced<readonly Trap[]>;
}

/** trap: of the grower's own genus, what they wrote of it. lime: where it matters, which it does to species. */
export type Genus = Plain<GenusEntry> & { readonly trap?: string; readonly lime?: LimeNeed | undefined };

/** Growth that runs one way, so that the old end can go to the wall. */
export function runsOneWay(habit: GrowthHabit): boolean {
  return habit === 'creeping' || habit === 'fans';
}

/** Plants with bulbs or canes standing on a rhizome. */
export function hasPseudobulbs(habit: GrowthHabit): boolean {
  return (
    habit === 'creeping' || habit === 'rambling' || habit === 'clump' || habit === 'canes' || habit === 'climbing chain'
  );
}
