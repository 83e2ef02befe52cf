/**
 * Volumes and areas of a tapered pot. Height 0 is the inside of the base.
 *
 * The inside width grows linearly from base to rim, so the horizontal area is a quadratic in height
 * (less the cone's, which is one too), and Simpson's rule integrates a quadratic exactly: the
 * volumes are closed forms. Source: frustum and truncated pyramid, any handbook of geometry.
 */
import { k } from './constants';
import type { Pot } from './pot';

function crossSectionCm2(shape: Pot['shape'], widthCm: number): number {
  return shape === 'round' ? (Math.PI / 4) * widthCm * widthCm : widthCm * widthCm;
}

export function perimeterCm(shape: Pot['shape'], widthCm: number): number {
  return shape === 'round' ? Math.PI * widthCm : 4 * widthCm;
}

/** Inside width (diameter or side) at a height, cm. */
export function widthAtCm(pot: Pot, heightCm: number): number {
  return pot.baseDiameterCm + ((pot.rimDiameterCm - pot.baseDiameterCm) * heightCm) / pot.heightCm;
}

/** Diameter of the air cone at a height, cm; 0 above it. */
export function coneDiameterCm(pot: Pot, heightCm: number): number {
  const { cone } = pot;
  if (!cone || heightCm >= cone.heightCm) return 0;
  return cone.baseDiameterCm + ((cone.tipDiameterCm - cone.baseDiameterCm) * heightCm) / cone.heightCm;
}

/** Horizontal area that medium can fill at a height, cm². */
export function areaAtCm2(pot: Pot, heightCm: number): number {
  const coneCm = coneDiameterCm(pot, heightCm);
  return crossSectionCm2(pot.shape, widthAtCm(pot, heightCm)) - (Math.PI / 4) * coneCm * coneCm;
}

function simpsonCm3(pot: Pot, fromCm: number, toCm: number): number {
  // Just inside the interval, so that the cone's end belongs to the piece it closes.
  const nudge = (toCm - fromCm) * 1e-12;
  return (
    ((toCm - fromCm) / 6) *
    (areaAtCm2(pot, fromCm) + 4 * areaAtCm2(pot, (fromCm + toCm) / 2) + areaAtCm2(pot, toCm - nudge))
  );
}

/** Volume for medium between two heights, L. */
export function volumeBetweenL(pot: Pot, fromCm: number, toCm: number): number {
  const coneTopCm = pot.cone?.heightCm ?? 0;
  if (fromCm < coneTopCm && toCm > coneTopCm) {
    return (simpsonCm3(pot, fromCm, coneTopCm) + simpsonCm3(pot, coneTopCm, toCm)) / k.CM3_PER_L;
  }
  return simpsonCm3(pot, fromCm, toCm) / k.CM3_PER_L;
}

/** Inside volume up to the rim, L. */
export function potVolumeL(pot: Pot): number {
  return volumeBetweenL(pot, 0, pot.heightCm);
}

/** Height above `fromCm` that a volume fills, cm; null when the pot cannot hold it. */
export function heightForVolumeCm(pot: Pot, fromCm: number, volumeL: number): number | null {
  if (volumeL < 0 || volumeL > volumeBetweenL(pot, fromCm, pot.heightCm) + 1e-12) return null;
  let low = fromCm;
  let high = pot.heightCm;
  for (let step = 0; step < 60; step += 1) {
    const middle = (low + high) / 2;
    if (volumeBetweenL(pot, fromCm, middle) < volumeL) low = middle;
    else high = middle;
  }
  return (low + high) / 2 - fromCm;
}

/** Side wall area between two heights, cm² (slant counted). */
export function wallAreaCm2(pot: Pot, fromCm: number, toCm: number): number {
  const slope = (pot.rimDiameterCm - pot.baseDiameterCm) / 2 / pot.heightCm;
  const slant = Math.sqrt(1 + slope * slope);
  return perimeterCm(pot.shape, widthAtCm(pot, (fromCm + toCm) / 2)) * (toCm - fromCm) * slant;
}

/** Surface of the air cone between two heights, cm². */
export function coneAreaCm2(pot: Pot, fromCm: number, toCm: number): number {
  const topCm = Math.min(toCm, pot.cone?.heightCm ?? 0);
  if (!pot.cone || topCm <= fromCm) return 0;
  return Math.PI * coneDiameterCm(pot, (fromCm + topCm) / 2) * (topCm - fromCm);
}
