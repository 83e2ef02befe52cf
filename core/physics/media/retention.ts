/**
 * How much water a bed of pieces holds at each height after it has drained.
 *
 * Between the pieces: Brooks-Corey (1964) over the suction head h (the height above the drained
 * base): full up to the air-entry head h_e, then (h_e/h)^λ. The entry head comes from the capillary
 * rise rule h_c = C/(e·d10), C 10-50 mm² with void ratio e (Terzaghi & Peck, Soil Mechanics in
 * Engineering Practice). Inside the pieces: their own water, taken as independent of height.
 */
import { k } from './constants';
import { type Hydraulics, meanPieceMm, type MediumFigures } from './medium';

/** Height to which the passages between the pieces stay full, cm. */
export function airEntryHeadCm(interPorosity: number, d10Mm: number): number {
  const voidRatio = interPorosity / (1 - interPorosity);
  return k.CAPILLARY_CONSTANT_MM2 / (voidRatio * d10Mm) / 10;
}

/** Share of the passages between the pieces filled at a suction head, 0..1. */
export function capillaryShare(entryHeadCm: number, poreSizeIndex: number, headCm: number): number {
  return headCm <= entryHeadCm ? 1 : (entryHeadCm / headCm) ** poreSizeIndex;
}

/** Integral of the capillary share from the drained base up to a height, cm (closed form). */
function capillaryIntegralCm(entryHeadCm: number, poreSizeIndex: number, heightCm: number): number {
  if (heightCm <= entryHeadCm) return heightCm;
  if (Math.abs(poreSizeIndex - 1) < 1e-9) return entryHeadCm * (1 + Math.log(heightCm / entryHeadCm));
  const exponent = 1 - poreSizeIndex;
  const aboveCm = (entryHeadCm / exponent) * ((heightCm / entryHeadCm) ** exponent - 1);
  return entryHeadCm + aboveCm;
}

/** Mean capillary share between two heights above the drained base, 0..1. */
export function meanCapillaryShare(entryHeadCm: number, poreSizeIndex: number, fromCm: number, toCm: number): number {
  if (toCm <= fromCm) return capillaryShare(entryHeadCm, poreSizeIndex, fromCm);
  return (
    (capillaryIntegralCm(entryHeadCm, poreSizeIndex, toCm) - capillaryIntegralCm(entryHeadCm, poreSizeIndex, fromCm)) /
    (toCm - fromCm)
  );
}

/**
 * Room between the pieces that fills and drains, v/v. What the pieces keep beyond their own pores are films
 * on them, and these stand in the passages: pieces, water and air are one bed, never more.
 */
export function drainablePorosity({ interPorosity, totalPorosity, innerWater }: Hydraulics): number {
  return Math.max(0, Math.min(interPorosity, totalPorosity - innerWater));
}

/** Container capacity of a slice between two heights above its drained base, v/v. */
export function capacityBetween(medium: Hydraulics, fromCm: number, toCm: number): number {
  const held = meanCapillaryShare(medium.airEntryHeadCm, medium.poreSizeIndex, fromCm, toCm);
  return Math.min(medium.totalPorosity, medium.innerWater + drainablePorosity(medium) * held);
}

/** Container capacity of a whole bed of a given depth, v/v. */
export function containerCapacity(medium: Hydraulics, depthCm: number): number {
  return capacityBetween(medium, 0, depthCm);
}

/** Air-filled porosity of a whole drained bed of a given depth, v/v. */
export function airFilledPorosity(medium: Hydraulics, depthCm: number): number {
  return medium.totalPorosity - containerCapacity(medium, depthCm);
}

/** The pieces' own water, v/v: what the passages do not hold of the stated capacity at 10 cm. */
function innerWaterOf(medium: MediumFigures, entryHeadCm: number): number {
  const { airAt10cm, capacityAt10cm, interPorosity } = medium;
  const held = meanCapillaryShare(entryHeadCm, medium.poreSizeIndex, 0, k.REFERENCE_DEPTH_CM);
  // The air stated there is the emptied part of the passages that drain; the rest of them holds films.
  const drainable = held < 1 ? Math.min(interPorosity, airAt10cm / (1 - held)) : interPorosity;
  return capacityAt10cm - held * drainable;
}

/**
 * The hydraulic figures of a catalogue medium. The pieces' own water is what remains of the stated
 * capacity at 10 cm after the capillary fringe of a 10 cm bed is taken off (never under a fifth of
 * the capacity: every wet piece carries a film).
 */
export function hydraulicsOf(medium: MediumFigures): Hydraulics {
  const entryHeadCm = airEntryHeadCm(medium.interPorosity, medium.d10Mm);
  const filmFloor = k.FILM_SHARE * medium.capacityAt10cm;
  return {
    d10Mm: medium.d10Mm,
    meanMm: meanPieceMm(medium),
    interPorosity: medium.interPorosity,
    innerWater: Math.max(filmFloor, innerWaterOf(medium, entryHeadCm)),
    totalPorosity: medium.airAt10cm + medium.capacityAt10cm,
    airEntryHeadCm: entryHeadCm,
    poreSizeIndex: medium.poreSizeIndex,
    unavailableWater: medium.unavailableShare * medium.capacityAt10cm,
    wickingHeightCm: medium.wickingHeightCm,
    wettability: medium.firstYearWettability,
    dryDensityGL: medium.dryDensityGL,
    saltHolding: medium.saltHolding,
    decay: medium.organic ? k.FRESH_DECAY : 0,
  };
}
