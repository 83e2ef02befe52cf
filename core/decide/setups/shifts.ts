/**
 * Piece size follows the roots first, then the way of life: finer where roots are kept moist, are hairy or stand in dry
 * air; larger over a reservoir, in a large pot, for robust lovers of air and where rain falls daily (common practice, no
 * source; how much is from memory). Each shift grows with its cause, without a jump.
 */
import type { PlantInHand } from '../../case';
import type { Place } from '../../physics/places';
import { k } from './constants';

export type ShiftCause =
  | 'moist roots'
  | 'dry air'
  | 'hairy roots'
  | 'lovers of air'
  | 'daily rain'
  | 'standing water'
  | 'a large pot'
  | 'fine roots in stone';

export interface PieceShift {
  readonly cause: ShiftCause;
  /** Of the size that suits the roots: under 1 is finer. */
  readonly factor: number;
}

/** 0 up to `from`, 1 from `to` on. */
function ramp(value: number, from: number, to: number): number {
  return Math.min(1, Math.max(0, (value - from) / (to - from)));
}

function listed(entries: readonly (readonly [ShiftCause, number])[]): readonly PieceShift[] {
  return entries.filter(([, factor]) => factor !== 1).map(([cause, factor]) => ({ cause, factor }));
}

/** What plant and place ask for, whatever the pot. */
export function pieceShiftsOfCase({
  plant,
  place,
  climate,
}: {
  readonly plant: PlantInHand;
  readonly place: Place;
  readonly climate: { readonly meanHumidityPct: number };
}): readonly PieceShift[] {
  const { genus } = plant;
  const isHairy = genus.depth === 'all roots covered' || plant.habit === 'creeping stem';
  const lovesAir =
    genus.cover === 'refuses cover' || (genus.regime === 'fast wet-dry' && genus.rootHardiness === 'robust');
  const wettest = Math.max(...place.months.map((month) => month.rainDays));
  const dryness = ramp(-climate.meanHumidityPct, -k.SHIFT_DAMP_PCT, -k.SHIFT_DRY_PCT);
  return listed([
    ['moist roots', genus.regime === 'evenly moist' ? k.SHIFT_MOIST : 1],
    ['dry air', 1 + (k.SHIFT_DRY_AIR - 1) * dryness],
    ['hairy roots', isHairy ? k.SHIFT_HAIRY : 1],
    ['lovers of air', lovesAir ? k.SHIFT_AIR_LOVER : 1],
    ['daily rain', 1 + (k.SHIFT_RAIN - 1) * ramp(wettest, k.SHIFT_RAIN_FROM_DAYS, k.SHIFT_RAIN_TO_DAYS)],
  ]);
}

/** What the pot asks for besides. */
export interface PotAsks {
  readonly hasReservoir: boolean;
  /** null of a mount. */
  readonly rimDiameterCm: number | null;
  readonly isOrganic: boolean;
}

export function pieceShifts(
  { plant, pieceShifts: ofCase }: { readonly plant: PlantInHand; readonly pieceShifts: readonly PieceShift[] },
  { hasReservoir, rimDiameterCm, isOrganic }: PotAsks,
): readonly PieceShift[] {
  const { rootDiameterMm, liveRootShare } = plant;
  const largeness = ramp(rimDiameterCm ?? 0, k.SHIFT_POT_FROM_CM, k.SHIFT_POT_TO_CM);
  const fineness =
    isOrganic || liveRootShare < k.SHIFT_SOUND_FROM ? 0 : ramp(-rootDiameterMm, -k.SHIFT_FINE_MM, -k.SHIFT_FINEST_MM);
  return [
    ...ofCase,
    ...listed([
      ['standing water', hasReservoir ? k.SHIFT_RESERVOIR : 1],
      ['a large pot', 1 + (k.SHIFT_LARGE_POT - 1) * largeness],
      ['fine roots in stone', 1 + (k.SHIFT_FINE_ROOTS - 1) * fineness],
    ]),
  ];
}

/** All together, kept within what roots can follow. */
export function shiftFactor(shifts: readonly PieceShift[]): number {
  const product = shifts.reduce((all, { factor }) => all * factor, 1);
  return Math.min(k.MOST_SHIFT, Math.max(k.LEAST_SHIFT, product));
}
