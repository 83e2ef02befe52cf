/** Species by their botanical names, and the group of the catalogue that each grows like. */
import { memory, type Sourced } from '../../base';

export interface SpeciesName {
  /** The accepted genus, and the epithet. */
  readonly genus: string;
  readonly epithet: string;
  /** Older genera it is still sold under. */
  readonly formerly: readonly string[];
  readonly genusId: Sourced<string>;
}

/** group: id of the catalogue. epithets: with blanks between. Names and kin from memory of botanical lists. */
export function speciesOf(
  group: string,
  genus: string,
  epithets: string,
  formerly: readonly string[] = [],
): readonly SpeciesName[] {
  const genusId = memory(group);
  return epithets
    .split(/\s+/)
    .filter((epithet) => epithet !== '')
    .map((epithet) => ({ genus, epithet, formerly, genusId }));
}
