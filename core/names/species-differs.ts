/** What differs in a species from the group it grows like. */
import { lazily, plainWords } from '../base';
import { type SpeciesDiffers, speciesNames, speciesTraits } from '../catalogue/names';
import { spelledOut } from './short-forms';

export interface SpeciesKnown {
  /** As it is written today. */
  readonly name: string;
  readonly genusId: string;
  readonly differs: SpeciesDiffers;
}

/** By every name under which such a species is sold, in plain words. */
const byName = lazily((): ReadonlyMap<string, SpeciesKnown> => {
  const traits = new Map<string, SpeciesDiffers>();
  for (const { genus, epithets, differs } of speciesTraits)
    for (const epithet of epithets) traits.set(`${genus} ${epithet}`, differs.value);
  return new Map(
    speciesNames.flatMap(({ genus, epithet, formerly, genusId }) => {
      const name = `${genus} ${epithet}`;
      const differs = traits.get(name);
      if (!differs) return [];
      const known = { name, genusId: genusId.value, differs };
      return [genus, ...formerly].map((one) => [plainWords(`${one} ${epithet}`), known] as const);
    }),
  );
});

/** Two names with a cross between them: what either parent wants need not hold. */
const isCross = (text: string): boolean => /×|\s[xX]\s/.test(text);

/**
 * The species a text begins with (“Paph. bellatulum ‘Rosa’”), where something is known to differ in it; null for other species, hybrids
 * and whatever is no species.
 */
export function speciesThatDiffers(text: string): SpeciesKnown | null {
  if (isCross(text)) return null;
  const words = spelledOut(plainWords(text).split(' ').filter(Boolean));
  // An epithet may be of two words: “victoria-reginae”.
  for (const count of [3, 2]) {
    const known = byName().get(words.slice(0, count).join(' '));
    if (known) return known;
  }
  return null;
}
