/**
 * Pots and mounts. Lengths are inside measures in cm, as a grower takes them with a ruler.
 */
import { k } from './constants';

export const potShapes = ['round', 'square'] as const;
export type PotShape = (typeof potShapes)[number];

export type WallMaterial = 'plastic' | 'clear plastic' | 'unglazed clay' | 'glazed clay' | 'wood' | 'wire';

export interface AirCone {
  readonly heightCm: number;
  readonly baseDiameterCm: number;
  readonly tipDiameterCm: number;
}

/** Water kept below or around the root zone. */
export type Reservoir =
  | { readonly kind: 'none' }
  /** A closed pot with holes up the side: water stands in the medium up to the holes. */
  | { readonly kind: 'side holes'; readonly holeHeightCm: number }
  /** An inner pot with wicks into an outer pot. */
  | { readonly kind: 'wicks'; readonly volumeL: number; readonly wickCount: number; readonly wickReachCm: number };

export interface Pot {
  readonly kind: 'pot';
  readonly potKindId: string;
  readonly shape: PotShape;
  /** Inside diameter (round) or side (square) at the rim. */
  readonly rimDiameterCm: number;
  readonly baseDiameterCm: number;
  readonly heightCm: number;
  readonly cone: AirCone | null;
  readonly wall: WallMaterial;
  readonly wallThicknessMm: number;
  /** Open share of the side wall (slots, net, slats). */
  readonly openShare: number;
  readonly baseOpenAreaCm2: number;
  readonly reservoir: Reservoir;
}

export type MountMaterial = 'cork' | 'hard wood' | 'tree fern' | 'clay plate' | 'plastic slab';

export interface Mount {
  readonly kind: 'mount';
  readonly potKindId: string;
  readonly material: MountMaterial;
  readonly widthCm: number;
  readonly heightCm: number;
  /** Thickness of the moss pad over the roots; 0 = bare roots. */
  readonly padThicknessCm: number;
  /** Laid flat on a bench or tray instead of hung. */
  readonly isLying: boolean;
}

/** Walls that carry water to their outside and let it evaporate there. */
export function isPorous(wall: WallMaterial): boolean {
  return wall === 'unglazed clay';
}

/** Slots, nets or slats: openings that roots find and air comes in by. */
export function hasOpenings(pot: Pick<Pot, 'openShare'>): boolean {
  return pot.openShare >= k.OPENINGS_FROM;
}

/** Nets and slat baskets: more hole than wall. */
export function isOpenWork(pot: Pick<Pot, 'openShare'>): boolean {
  return pot.openShare >= k.OPEN_WORK_FROM;
}
