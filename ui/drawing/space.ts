/**
 * Where there is room for one more piece. Each piece lies in every square of a grid that it touches, and squares are about as
 * wide as a middling piece: however different the sizes, only near ones are looked at.
 */

/** Outlines may overlap a little: pieces are not spheres, and the section cuts them anywhere. */
export const CLOSENESS = 0.76;

interface Disc {
  readonly xCm: number;
  readonly yCm: number;
  readonly radiusCm: number;
}

export interface Space {
  isFree(xCm: number, yCm: number, radiusCm: number): boolean;
  take(disc: Disc): void;
}

/** A square narrower than this holds nothing but edges of pieces. */
const NARROWEST_CM = 0.05;
/** One number for a square: columns and rows stay within half of it, either way. */
const COLUMNS = 65_536;

/** radiiCm: of all pieces that are to come, in any order. */
export function emptySpace(radiiCm: readonly number[]): Space {
  const sorted = [...radiiCm].sort((a, b) => a - b);
  const squareCm = Math.max(2 * CLOSENESS * (sorted[Math.floor(sorted.length / 2)] ?? 0), NARROWEST_CM);
  const squares = new Map<number, Disc[]>();
  const at = (cm: number): number => Math.floor(cm / squareCm);

  return {
    isFree(xCm, yCm, radiusCm) {
      const half = radiusCm * CLOSENESS;
      const lastColumn = at(xCm + half);
      const lastRow = at(yCm + half);
      for (let column = at(xCm - half); column <= lastColumn; column += 1)
        for (let row = at(yCm - half); row <= lastRow; row += 1) {
          const discs = squares.get(column * COLUMNS + row);
          if (!discs) continue;
          for (const disc of discs) {
            const reach = (disc.radiusCm + radiusCm) * CLOSENESS;
            const acrossCm = disc.xCm - xCm;
            const upCm = disc.yCm - yCm;
            if (acrossCm * acrossCm + upCm * upCm < reach * reach) return false;
          }
        }
      return true;
    },
    take(disc) {
      const half = disc.radiusCm * CLOSENESS;
      const lastColumn = at(disc.xCm + half);
      const lastRow = at(disc.yCm + half);
      for (let column = at(disc.xCm - half); column <= lastColumn; column += 1)
        for (let row = at(disc.yCm - half); row <= lastRow; row += 1) {
          const square = column * COLUMNS + row;
          const discs = squares.get(square);
          if (discs) discs.push(disc);
          else squares.set(square, [disc]);
        }
    },
  };
}
