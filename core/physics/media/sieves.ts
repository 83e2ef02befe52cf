/**
 * Piece sizes as sieves: grades are bought under brand words, but a kitchen or soil sieve says what
 * is really in the bag. Openings of woven-wire test sieves, ASTM E11 (the same openings in mm are in
 * ISO 3310-1, supplementary sizes R 40/3).
 */
export interface Sieve {
  readonly openingMm: number;
  /** The designation in inches or as a number of wires to the inch. */
  readonly designation: string;
}

export const sieves: readonly Sieve[] = [
  { openingMm: 0.5, designation: 'No. 35' },
  { openingMm: 0.71, designation: 'No. 25' },
  { openingMm: 1, designation: 'No. 18' },
  { openingMm: 1.4, designation: 'No. 14' },
  { openingMm: 2, designation: 'No. 10' },
  { openingMm: 2.8, designation: 'No. 7' },
  { openingMm: 4, designation: 'No. 5' },
  { openingMm: 4.75, designation: 'No. 4' },
  { openingMm: 6.3, designation: '1/4 in' },
  { openingMm: 8, designation: '5/16 in' },
  { openingMm: 9.5, designation: '3/8 in' },
  { openingMm: 12.5, designation: '1/2 in' },
  { openingMm: 16, designation: '5/8 in' },
  { openingMm: 19, designation: '3/4 in' },
  { openingMm: 25, designation: '1 in' },
  { openingMm: 31.5, designation: '1 1/4 in' },
  { openingMm: 37.5, designation: '1 1/2 in' },
  { openingMm: 50, designation: '2 in' },
];

/** The sieve whose opening is nearest to a size, by ratio. */
export function nearestSieve(sizeMm: number): Sieve {
  return sieves.reduce((best, sieve) =>
    Math.abs(Math.log(sieve.openingMm / sizeMm)) < Math.abs(Math.log(best.openingMm / sizeMm)) ? sieve : best,
  );
}

/** The pair of sieves that a grade passes (the coarser) and stays on (the finer). */
export function sievesOf(grade: { readonly d10Mm: number; readonly d90Mm: number }): {
  readonly staysOn: Sieve;
  readonly passes: Sieve;
} {
  return { staysOn: nearestSieve(grade.d10Mm), passes: nearestSieve(grade.d90Mm) };
}
