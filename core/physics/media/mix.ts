/**
 * A mix of up to five media: its hydraulic figures, and what to take out of each bag.
 */
import { k } from './constants';
import { type Hydraulics, meanPieceMm, type MediumFigures, type PieceShape } from './medium';
import { mixedVolumeL, type PackedFraction, packedSolidFraction } from './packing';
import { airEntryHeadCm, hydraulicsOf } from './retention';

export interface MixPart {
  readonly medium: MediumFigures;
  /** Parts by volume as measured out of the bag. */
  readonly parts: number;
}

export type Mix = readonly MixPart[];

/** The part that makes up most of a mix; of equals the first. Works for mixes as written down, too. */
export function heaviestPart<P extends { readonly parts: number }>(mix: readonly P[]): P {
  const [first, ...rest] = mix;
  if (!first) throw new RangeError('a mix needs at least one part');
  return rest.reduce((most, part) => (part.parts > most.parts ? part : most), first);
}

function fractionsOf(mix: Mix): PackedFraction[] {
  return mix.map(({ medium, parts }) => ({
    sizeMm: meanPieceMm(medium),
    bulkL: parts,
    interPorosity: medium.interPorosity,
  }));
}

/** Volume of the settled mix over the sum of the bag volumes: 1 = nothing lost, less = fines vanish. */
export function volumeYield(mix: Mix): number {
  const bagL = mix.reduce((sum, part) => sum + part.parts, 0);
  return mixedVolumeL(fractionsOf(mix)) / bagL;
}

/** One part of a mix by its hydraulic figures (new or aged). */
export interface HydraulicPart {
  readonly figures: Hydraulics;
  readonly parts: number;
}

/**
 * The figures of a mix. Inner water, tight water, density and wetting follow volume; the passages
 * between pieces follow the packing model; the size that sets the capillary fringe is the harmonic
 * mean by solid volume (the same specific surface), since the fine pieces make the narrow passages.
 */
export function hydraulicsOfParts(mix: readonly HydraulicPart[]): Hydraulics {
  const [first] = mix;
  if (!first) throw new RangeError('a mix needs at least one part');
  if (mix.length === 1) return first.figures;
  const fractions: PackedFraction[] = mix.map(({ figures, parts }) => ({
    sizeMm: figures.meanMm,
    bulkL: parts,
    interPorosity: figures.interPorosity,
  }));
  const mixedL = mixedVolumeL(fractions);
  const bagL = mix.reduce((sum, part) => sum + part.parts, 0);
  const sumOf = (figure: (part: Hydraulics) => number): number =>
    mix.reduce((sum, part) => sum + figure(part.figures) * part.parts, 0);
  /** A figure that is per bag volume, brought to the mixed volume. */
  const carried = (figure: (part: Hydraulics) => number): number => sumOf(figure) / mixedL;
  /** Mean of a figure weighted by bag volume. */
  const mean = (figure: (part: Hydraulics) => number): number => sumOf(figure) / bagL;

  const solids = mix.map((part) => part.parts * (1 - part.figures.interPorosity));
  const solidTotal = solids.reduce((sum, solid) => sum + solid, 0);
  const harmonicMm = (size: (part: Hydraulics) => number): number =>
    solidTotal / solids.reduce((sum, solid, index) => sum + solid / size(mix[index]!.figures), 0);

  const interPorosity = 1 - packedSolidFraction(fractions);
  const d10Mm = harmonicMm((part) => part.d10Mm);
  const innerWater = carried((part) => part.innerWater);
  // Pores inside the pieces travel with them, filled or not.
  const innerPorosity = carried((part) => Math.max(0, part.totalPorosity - part.interPorosity));
  return {
    d10Mm,
    meanMm: harmonicMm((part) => part.meanMm),
    interPorosity,
    innerWater,
    totalPorosity: Math.min(k.MOST_POROSITY, interPorosity + innerPorosity),
    airEntryHeadCm: airEntryHeadCm(interPorosity, d10Mm),
    poreSizeIndex: mean((part) => part.poreSizeIndex),
    unavailableWater: carried((part) => part.unavailableWater),
    wickingHeightCm: mean((part) => part.wickingHeightCm),
    wettability: mean((part) => part.wettability),
    dryDensityGL: carried((part) => part.dryDensityGL),
    saltHolding: mean((part) => part.saltHolding),
    decay: mean((part) => part.decay),
  };
}

/** The figures of a mix of new media. */
export function hydraulicsOfMix(mix: Mix): Hydraulics {
  const known = knownMixes.get(mix);
  if (known) return known;
  const figures = hydraulicsOfParts(mix.map((part) => ({ figures: hydraulicsOf(part.medium), parts: part.parts })));
  knownMixes.set(mix, figures);
  return figures;
}

/** A plan meets the same mix in hundreds of pots; its figures never change. */
const knownMixes = new WeakMap<Mix, Hydraulics>();

export interface BagMeasure {
  readonly mediumId: string;
  readonly name: string;
  readonly pieceShape: PieceShape;
  readonly smallMm: number;
  readonly largeMm: number;
  readonly takeL: number;
}

/** How many litres to take out of each bag for a wanted volume of settled mix, or of media that lie side by side. */
export function bagMeasures(mix: Mix, wantedL: number, isSideBySide = false): readonly BagMeasure[] {
  const bagTotal = mix.reduce((sum, part) => sum + part.parts, 0);
  if (isSideBySide) return mix.flatMap((part) => bagMeasures([part], (wantedL * part.parts) / bagTotal));
  const litresPerPart = (wantedL * (1 + k.SETTLING_SHARE)) / (volumeYield(mix) * bagTotal);
  return mix.map(({ medium, parts }) => ({
    mediumId: medium.id,
    name: medium.name,
    pieceShape: medium.pieceShape,
    smallMm: medium.d10Mm,
    largeMm: medium.d90Mm,
    takeL: parts * litresPerPart,
  }));
}

export function isOrganic(mix: Mix): boolean {
  const bagL = mix.reduce((sum, part) => sum + part.parts, 0);
  const organicL = mix.reduce((sum, part) => sum + (part.medium.organic ? part.parts : 0), 0);
  return organicL > bagL * k.ORGANIC_FROM_SHARE;
}
