/**
 * The pieces of a layer at their true size, placed by random sequential packing (each new piece goes
 * where it does not overlap an earlier one), the same every time for the same layer.
 */
import { seededRandom } from './chance/seeded-random';
import type { Mix, PieceShape, PottedSetup } from '@core';
import { emptySpace } from './space';

export interface Piece {
  readonly xCm: number;
  readonly yCm: number;
  readonly radiusCm: number;
  readonly turn: number;
  readonly shape: PieceShape;
  readonly family: string;
  /** Random number of the piece, for its outline. */
  readonly grain: number;
}

const MOST_PIECES = 1100;
const TRIES_PER_PIECE = 40;
export interface Area {
  /** Inside half-width at a height, cm. */
  readonly halfWidthCm: (heightCm: number) => number;
  /** Half-width of the air cone at a height, cm. */
  readonly innerHalfCm: (heightCm: number) => number;
  readonly fromCm: number;
  readonly toCm: number;
}

/** Pieces of a layer: mixed through each other, or each medium on its own side. */
export function piecesOf(
  layer: Pick<PottedSetup['layers'][number], 'mix' | 'isSideBySide'>,
  area: Area,
  seed: number,
): readonly Piece[] {
  if (!layer.isSideBySide) return packPieces(layer.mix, area, seed);
  // Of two equal halves: what falls on the other side of the axis is left out.
  return layer.mix.flatMap((part, k) =>
    packPieces([part], area, seed + k).filter(({ xCm }) => (k === 0 ? xCm < 0 : xCm >= 0)),
  );
}

/** Pieces for an area, in cm from the axis (x) and from the base (y). */
export function packPieces(mix: Mix, area: Area, seed: number): readonly Piece[] {
  const random = seededRandom(seed);
  const solids = mix.map((part) => part.parts * (1 - part.medium.interPorosity));
  const solidTotal = solids.reduce((sum, solid) => sum + solid, 0);
  const sectionCm2 = 2 * area.halfWidthCm((area.fromCm + area.toCm) / 2) * (area.toCm - area.fromCm);

  const wanted: { radiusCm: number; part: number }[] = [];
  mix.forEach((part, index) => {
    const { d10Mm: smallMm, d90Mm: largeMm } = part.medium;
    const meanCm = Math.sqrt(smallMm * largeMm) / 10;
    const share = solids[index]! / solidTotal;
    const count = Math.min(MOST_PIECES, Math.round((0.95 * share * sectionCm2) / ((Math.PI / 4) * meanCm * meanCm)));
    for (let k = 0; k < count; k += 1) {
      const sizeMm = smallMm * (largeMm / smallMm) ** random();
      wanted.push({ radiusCm: sizeMm / 20, part: index });
    }
  });
  wanted.sort((a, b) => b.radiusCm - a.radiusCm);
  const kept = wanted.slice(0, MOST_PIECES);

  const space = emptySpace(kept.map(({ radiusCm }) => radiusCm));
  const placed: Piece[] = [];
  for (const { radiusCm, part } of kept) {
    for (let attempt = 0; attempt < TRIES_PER_PIECE; attempt += 1) {
      const y = area.fromCm + random() * (area.toCm - area.fromCm);
      const half = area.halfWidthCm(y);
      const x = (random() * 2 - 1) * half;
      if (Math.abs(x) > half - radiusCm * 0.7) continue;
      if (y - area.fromCm < radiusCm * 0.6 || area.toCm - y < radiusCm * 0.6) continue;
      if (Math.abs(x) < area.innerHalfCm(y) + radiusCm * 0.8) continue;
      if (!space.isFree(x, y, radiusCm)) continue;
      const { medium } = mix[part]!;
      const piece: Piece = {
        xCm: x,
        yCm: y,
        radiusCm,
        turn: random() * 360,
        shape: medium.pieceShape,
        family: medium.family,
        grain: random(),
      };
      placed.push(piece);
      space.take(piece);
      break;
    }
  }
  return placed;
}
