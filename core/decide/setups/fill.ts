/** A pot filled: crocking, the main layer, and what goes on top. */
import { round1, roundHalf } from '../../base';
import { type LayerSpec, mediumOfPart, type MixPartSpec, potOf, type PotSpec } from '../../case';
import type { MediumFigures } from '../../physics/media';
import { k } from './constants';
import type { TopDressing } from './recipes';

/** Coarse pieces that the main medium does not fall through: the next size that is at least three times coarser. */
export function crockingFor(main: MediumFigures): string {
  return main.d90Mm > k.LARGE_CROCKS_ABOVE_MM
    ? 'pebbles-16-32'
    : main.d90Mm > k.MIDDLE_CROCKS_ABOVE_MM
      ? 'clay-pebbles-8-16'
      : 'pebbles-8-16';
}

/** Whether pieces are so much coarser than the medium over them that it does not fall through. */
export function isCrockingFor(pieces: MediumFigures, main: MediumFigures): boolean {
  return pieces.d10Mm * k.FALLS_THROUGH_TIMES >= main.d90Mm;
}

const pureMixes = new Map<string, readonly MixPartSpec[]>();

/** A mix of one medium; the same object for the same medium, so that its figures are worked out once. */
export function pureMix(mediumId: string): readonly MixPartSpec[] {
  const known = pureMixes.get(mediumId) ?? [{ mediumId, parts: 1 }];
  pureMixes.set(mediumId, known);
  return known;
}

/** Layers that fill a pot to a finger under the rim; crockingShare is of the filled depth. */
export function fillPot(
  vessel: PotSpec,
  mix: readonly MixPartSpec[],
  crockingShare: number,
  topDressing: Pick<TopDressing, 'mediumId' | 'heightCm'> | null,
  crockingId?: string,
): readonly LayerSpec[] {
  const pot = potOf(vessel);
  const filledCm = Math.max(k.LEAST_MAIN_CM, pot.heightCm - k.RIM_GAP_CM);
  const crockingCm = roundHalf(filledCm * crockingShare);
  const topCm = topDressing ? topDressing.heightCm : 0;
  const mainCm = round1(filledCm - crockingCm - topCm);
  const layers: LayerSpec[] = [];
  if (crockingCm > 0) {
    const crocking = crockingId ?? crockingFor(mediumOfPart(mix[0]!));
    layers.push({ role: 'crocking', mix: pureMix(crocking), heightCm: crockingCm });
  }
  layers.push({ role: 'main', mix, heightCm: mainCm });
  if (topDressing) {
    layers.push({
      role: 'top dressing',
      mix: pureMix(topDressing.mediumId),
      heightCm: topDressing.heightCm,
    });
  }
  return layers;
}
