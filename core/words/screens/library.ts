/** Sentences on the screens of the library and media. */

export const alsoHere = (names: string): string => ` Also here: ${names}.`;
export const measuredMedium = (air: string, water: string, spread: string): string =>
  `: air ${air}, water ${water}${spread}`;
export const gradeOfBag = (
  smallMm: string,
  largeMm: string,
  inches: string,
  fineSieve: string,
  coarseSieve: string,
): string => `${smallMm}–${largeMm} mm · ${inches} · sieve ${fineSieve} to ${coarseSieve}`;
