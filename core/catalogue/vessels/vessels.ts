/**
 * Kinds of pot and mount. Sizes are the common ones of the trade; proportions, wall and openings
 * are from memory of ordinary pots.
 */
import { memory, plain, type Plain, practice, type Sourced } from '../../base';
import type { MountMaterial, PotShape, WallMaterial } from '../../physics/pots';

export interface PotKindEntry {
  readonly id: string;
  readonly name: string;
  readonly vessel: 'pot';
  readonly shape: PotShape;
  readonly wall: WallMaterial;
  readonly rimDiametersCm: Sourced<readonly number[]>;
  readonly heightPerRim: Sourced<number>;
  readonly basePerRim: Sourced<number>;
  readonly wallThicknessMm: Sourced<number>;
  /** Open share of the side wall. */
  readonly openShare: Sourced<number>;
  /** Open share of the base. */
  readonly baseOpenShare: Sourced<number>;
  /** Height of the air cone in the base, cm; 0 = flat base. */
  readonly coneHeightCm: Sourced<number>;
  readonly reservoir: 'none' | 'side holes' | 'bowl' | 'wicks';
  readonly note: string;
}

export interface MountKindEntry {
  readonly id: string;
  readonly name: string;
  readonly vessel: 'mount';
  readonly material: MountMaterial;
  readonly widthsCm: Sourced<readonly number[]>;
  readonly heightPerWidth: Sourced<number>;
  readonly note: string;
}

export type VesselKindEntry = PotKindEntry | MountKindEntry;
export type PotKind = Plain<PotKindEntry>;
export type MountKind = Plain<MountKindEntry>;

const usualRims = practice([7, 8, 9, 10, 11, 12, 13, 14, 15, 17, 19, 21, 24, 27, 30] as readonly number[]);
const none = 'none' as const;

export const vesselCatalogue: readonly VesselKindEntry[] = [
  {
    id: 'plastic-round',
    name: 'Round plastic pot',
    vessel: 'pot',
    shape: 'round',
    wall: 'plastic',
    rimDiametersCm: usualRims,
    heightPerRim: memory(0.9),
    basePerRim: memory(0.72),
    wallThicknessMm: memory(1),
    openShare: memory(0),
    baseOpenShare: memory(0.08),
    coneHeightCm: memory(0),
    reservoir: none,
    note: 'Slow drying; light.',
  },
  {
    id: 'plastic-clear-cone',
    name: 'Clear plastic pot with air cone',
    vessel: 'pot',
    shape: 'round',
    wall: 'clear plastic',
    rimDiametersCm: practice([9, 10, 12, 13, 15, 17, 19, 21, 24]),
    heightPerRim: memory(0.9),
    basePerRim: memory(0.72),
    wallThicknessMm: memory(0.8),
    openShare: memory(0.01),
    baseOpenShare: memory(0.12),
    coneHeightCm: practice(2.5),
    reservoir: none,
    note: 'Roots can be seen; air reaches the middle from below.',
  },
  {
    id: 'plastic-square',
    name: 'Square plastic pot',
    vessel: 'pot',
    shape: 'square',
    wall: 'plastic',
    rimDiametersCm: practice([7, 8, 9, 10, 11, 13, 15, 18]),
    heightPerRim: memory(1),
    basePerRim: memory(0.75),
    wallThicknessMm: memory(0.8),
    openShare: memory(0),
    baseOpenShare: memory(0.08),
    coneHeightCm: memory(0),
    reservoir: none,
    note: 'Saves shelf space; the diagonal gives a runner room.',
  },
  {
    id: 'plastic-pan',
    name: 'Wide low plastic pan',
    vessel: 'pot',
    shape: 'round',
    wall: 'plastic',
    rimDiametersCm: practice([11, 13, 15, 18, 21, 25, 30]),
    heightPerRim: memory(0.5),
    basePerRim: memory(0.75),
    wallThicknessMm: memory(1.2),
    openShare: memory(0),
    baseOpenShare: memory(0.08),
    coneHeightCm: memory(0),
    reservoir: none,
    note: 'For creeping and shallow-rooted plants.',
  },
  {
    id: 'plastic-deep',
    name: 'Deep plastic pot',
    vessel: 'pot',
    shape: 'round',
    wall: 'plastic',
    rimDiametersCm: practice([9, 11, 13, 15, 18, 22]),
    heightPerRim: memory(1.35),
    basePerRim: memory(0.68),
    wallThicknessMm: memory(1.2),
    openShare: memory(0),
    baseOpenShare: memory(0.08),
    coneHeightCm: memory(0),
    reservoir: none,
    note: 'Deep roots; drains further above its wet foot.',
  },
  {
    id: 'plastic-slotted',
    name: 'Slotted plastic pot',
    vessel: 'pot',
    shape: 'round',
    wall: 'plastic',
    rimDiametersCm: practice([8, 10, 12, 14, 16, 19, 22]),
    heightPerRim: memory(0.85),
    basePerRim: memory(0.75),
    wallThicknessMm: memory(1.2),
    openShare: memory(0.12),
    baseOpenShare: memory(0.25),
    coneHeightCm: memory(1.5),
    reservoir: none,
    note: 'More air; roots tangle in the slots and break when unpotted.',
  },
  {
    id: 'net-pot',
    name: 'Net pot',
    vessel: 'pot',
    shape: 'round',
    wall: 'plastic',
    rimDiametersCm: practice([6, 8, 10, 12, 14]),
    heightPerRim: memory(0.85),
    basePerRim: memory(0.75),
    wallThicknessMm: memory(1.5),
    openShare: memory(0.45),
    baseOpenShare: memory(0.5),
    coneHeightCm: memory(0),
    reservoir: none,
    note: 'Air from all sides; roots grow through the net.',
  },
  {
    id: 'clay-unglazed',
    name: 'Unglazed clay pot',
    vessel: 'pot',
    shape: 'round',
    wall: 'unglazed clay',
    rimDiametersCm: practice([7, 8, 9, 10, 11, 12, 14, 16, 18, 21, 25]),
    heightPerRim: memory(0.88),
    basePerRim: memory(0.66),
    wallThicknessMm: memory(6),
    openShare: memory(0),
    baseOpenShare: memory(0.04),
    coneHeightCm: memory(0),
    reservoir: none,
    note: 'Dries through its sides and cools the roots; heavy.',
  },
  {
    id: 'clay-glazed',
    name: 'Glazed pot with drainage',
    vessel: 'pot',
    shape: 'round',
    wall: 'glazed clay',
    rimDiametersCm: practice([9, 11, 13, 15, 18, 21]),
    heightPerRim: memory(0.9),
    basePerRim: memory(0.7),
    wallThicknessMm: memory(6),
    openShare: memory(0),
    baseOpenShare: memory(0.04),
    coneHeightCm: memory(0),
    reservoir: none,
    note: 'Dries as plastic does; heavy and steady.',
  },
  {
    id: 'slat-basket',
    name: 'Wooden slat basket',
    vessel: 'pot',
    shape: 'square',
    wall: 'wood',
    rimDiametersCm: practice([10, 13, 15, 18, 20, 25]),
    heightPerRim: memory(0.5),
    basePerRim: memory(1),
    wallThicknessMm: memory(12),
    openShare: memory(0.4),
    baseOpenShare: memory(0.5),
    coneHeightCm: memory(0),
    reservoir: none,
    note: 'Hangs; bare or with coarse pieces.',
  },
  {
    id: 'side-hole-pot',
    name: 'Closed pot with side holes',
    vessel: 'pot',
    shape: 'round',
    wall: 'clear plastic',
    rimDiametersCm: practice([9, 10, 12, 13, 15, 17, 19, 21, 24]),
    heightPerRim: memory(1),
    basePerRim: memory(0.78),
    wallThicknessMm: memory(1.2),
    openShare: memory(0.002),
    baseOpenShare: memory(0),
    coneHeightCm: memory(0),
    reservoir: 'side holes',
    note: 'Water stands up to the holes; mark where they are on the tag side.',
  },
  {
    id: 'net-pot-in-bowl',
    name: 'Low net pot in a bowl',
    vessel: 'pot',
    shape: 'round',
    wall: 'plastic',
    rimDiametersCm: practice([8, 10, 12, 14, 17]),
    heightPerRim: memory(0.55),
    basePerRim: memory(0.8),
    wallThicknessMm: memory(1.5),
    openShare: memory(0.45),
    baseOpenShare: memory(0.5),
    coneHeightCm: memory(0),
    reservoir: 'bowl',
    note: 'Its foot stands in a little water; air from all sides above it.',
  },
  {
    id: 'wick-pot',
    name: 'Inner pot with wicks in an outer pot',
    vessel: 'pot',
    shape: 'round',
    wall: 'plastic',
    rimDiametersCm: practice([9, 11, 13, 15, 18, 21, 24]),
    heightPerRim: memory(0.9),
    basePerRim: memory(0.75),
    wallThicknessMm: memory(1.2),
    openShare: memory(0.005),
    baseOpenShare: memory(0.06),
    coneHeightCm: memory(0),
    reservoir: 'wicks',
    note: 'One wick to about 15 cm, two from 18 cm; often with a float gauge. Tap it: floats stick.',
  },
  {
    id: 'clay-wick-pot',
    name: 'Clay pot with wicks in an outer pot',
    vessel: 'pot',
    shape: 'round',
    wall: 'unglazed clay',
    rimDiametersCm: practice([9, 11, 12, 14, 16, 18, 21]),
    heightPerRim: memory(0.88),
    basePerRim: memory(0.66),
    wallThicknessMm: memory(6),
    openShare: memory(0),
    baseOpenShare: memory(0.04),
    coneHeightCm: memory(0),
    reservoir: 'wicks',
    note: 'Moist and cool at once: the wall evaporates what the wick brings. Leave a finger between the pots.',
  },
  {
    id: 'mount-cork',
    name: 'Cork mount',
    vessel: 'mount',
    material: 'cork',
    widthsCm: practice([8, 12, 16, 20]),
    heightPerWidth: memory(1.6),
    note: 'Fix so that nothing moves; the thread must not cut.',
  },
  {
    id: 'mount-tree-fern',
    name: 'Tree fern slab',
    vessel: 'mount',
    material: 'tree fern',
    widthsCm: practice([10, 15, 20]),
    heightPerWidth: memory(1.4),
    note: 'Holds a little water itself; check that it is from a legal source.',
  },
  {
    id: 'mount-hard-wood',
    name: 'Hard wood mount',
    vessel: 'mount',
    material: 'hard wood',
    widthsCm: practice([8, 12, 16, 20]),
    heightPerWidth: memory(1.8),
    note: 'Lasts for years; bark side out, so that roots find a hold.',
  },
  {
    id: 'mount-clay-plate',
    name: 'Clay plate',
    vessel: 'mount',
    material: 'clay plate',
    widthsCm: practice([10, 14, 18]),
    heightPerWidth: memory(1.3),
    note: 'Never rots; heavy, so mind its hook.',
  },
  {
    id: 'mount-plastic-slab',
    name: 'Plastic slab',
    vessel: 'mount',
    material: 'plastic slab',
    widthsCm: practice([10, 15, 20]),
    heightPerWidth: memory(1.4),
    note: 'Never rots and weighs nothing; roots need a pad to start on it.',
  },
];

const potKinds = new Map<string, PotKind>();
const mountKinds = new Map<string, MountKind>();
for (const entry of vesselCatalogue) {
  if (entry.vessel === 'pot') potKinds.set(entry.id, plain(entry));
  else mountKinds.set(entry.id, plain(entry));
}

export const potKindIds: readonly string[] = [...potKinds.keys()];
export const mountKindIds: readonly string[] = [...mountKinds.keys()];

export function potKindById(id: string): PotKind {
  const kind = potKinds.get(id);
  if (!kind) throw new RangeError(`pot kind "${id}" is unknown; known are ${potKindIds.join(', ')}`);
  return kind;
}

export function mountKindById(id: string): MountKind {
  const kind = mountKinds.get(id);
  if (!kind) throw new RangeError(`mount kind "${id}" is unknown; known are ${mountKindIds.join(', ')}`);
  return kind;
}

/** Pots that keep water at their foot or under it, by id; false for what is no pot. */
export function keepsWater(kindId: string | null): boolean {
  const kind = kindId === null ? undefined : potKinds.get(kindId);
  return kind !== undefined && kind.reservoir !== 'none';
}
