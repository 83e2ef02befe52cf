/**
 * What the dry-down is computed for: a vessel filled with layers, and a plant that drinks.
 */
import {
  besideEachOther,
  type Hydraulics,
  hydraulicsOfAgedMix,
  hydraulicsOfMix,
  type Mix,
  type MixAge,
  wettabilityInYear,
} from '../media';
import type { Mount, Pot } from '../pots';

export type LayerRole = 'crocking' | 'main' | 'top dressing';

export interface Layer {
  readonly role: LayerRole;
  readonly mix: Mix;
  /** Its media lie beside each other instead of mixed. */
  readonly isSideBySide?: boolean;
  readonly heightCm: number;
  /** New when absent. */
  readonly age?: MixAge;
}

/** The hydraulic figures of a layer as old as it is. */
export function hydraulicsOfLayer({ mix, age, isSideBySide }: Pick<Layer, 'mix' | 'age' | 'isSideBySide'>): Hydraulics {
  const of = (mixed: Mix) => (age && age.months > 0 ? hydraulicsOfAgedMix(mixed, age) : hydraulicsOfMix(mixed));
  if (!isSideBySide) return of(mix);
  const total = mix.reduce((sum, part) => sum + part.parts, 0);
  return besideEachOther(mix.map((part) => ({ hydraulics: of([part]), share: part.parts / total })));
}

/** How well a layer takes water on average over the year to come; it learns it in its first months. */
export function wettabilityOfLayer({ mix, age }: Pick<Layer, 'mix' | 'age'>): number {
  return meanWettability(mix, (fresh) => wettabilityInYear(fresh, age?.months ?? 0));
}

/** How well a newly filled layer takes its first waterings. */
export function wettabilityAtFirst({ mix }: Pick<Layer, 'mix'>): number {
  return meanWettability(mix, (fresh) => fresh);
}

function meanWettability(mix: Mix, of: (fresh: number) => number): number {
  const bagL = mix.reduce((sum, part) => sum + part.parts, 0);
  return mix.reduce((sum, part) => sum + of(part.medium.firstYearWettability) * part.parts, 0) / bagL;
}

/** A pot filled with layers from the bottom. */
export interface PottedSetup {
  readonly kind: 'pot';
  readonly pot: Pot;
  readonly layers: readonly Layer[];
}

/** Roots on a mount, under a pad (or bare). */
export interface MountedSetup {
  readonly kind: 'mount';
  readonly mount: Mount;
  readonly pad: Mix;
  readonly age?: MixAge;
}

export type Setup = PottedSetup | MountedSetup;

export type Photosynthesis = 'CAM' | 'C3';

/** How a plant drinks. */
export interface PlantWaterUse {
  readonly leafAreaCm2: number;
  readonly photosynthesis: Photosynthesis;
  /** Solid volume of the roots inside the main layer, L. */
  readonly rootVolumeL: number;
  readonly rootDiameterMm: number;
}
