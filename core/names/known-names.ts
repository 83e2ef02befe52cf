/** Every name that is known, with the groups it may mean. Made when the first is looked for. */
import { lazily, plainWords } from '../base';
import { generaCatalogue } from '../catalogue/genera';
import { commonNames, hybridGenera, otherGenera, speciesNames } from '../catalogue/names';

export type NameRank = 'group' | 'genus' | 'hybrid genus' | 'species' | 'older name' | 'common name' | 'short form';

export interface KnownName {
  /** As it is written. */
  readonly name: string;
  /** As it is compared. */
  readonly words: string;
  /** The same, word by word. */
  readonly parts: readonly string[];
  readonly rank: NameRank;
  readonly genusIds: readonly string[];
}

function known(name: string, rank: NameRank, genusIds: readonly string[]): KnownName {
  const words = plainWords(name);
  return { name, words, parts: words.split(' '), rank, genusIds };
}

/** "Cattleya and Guarianthe, two-leaved" holds Cattleya and Guarianthe. */
function generaIn(name: string): readonly string[] {
  const [before = ''] = name.split(',');
  return before
    .split(/ and | or /)
    .map((part) => part.trim().split(' ')[0] ?? '')
    .filter((word) => /^[A-Z][a-z]{4,}$/.test(word));
}

/** One name may stand for several groups, which are then all its own. */
function merged(names: readonly KnownName[]): readonly KnownName[] {
  const byWords = new Map<string, KnownName>();
  for (const one of names) {
    if (one.words === '') continue;
    const before = byWords.get(one.words);
    byWords.set(one.words, before ? { ...before, genusIds: [...new Set([...before.genusIds, ...one.genusIds])] } : one);
  }
  return [...byWords.values()];
}

/** Genera of one's species: "Trichocentrum" means what its species mean, the commonest first. */
function generaOfSpecies(): readonly KnownName[] {
  const groups = new Map<string, Map<string, number>>();
  for (const { genus, genusId } of speciesNames) {
    const counts = groups.get(genus) ?? new Map<string, number>();
    counts.set(genusId.value, (counts.get(genusId.value) ?? 0) + 1);
    groups.set(genus, counts);
  }
  return [...groups].map(([genus, counts]) =>
    known(
      genus,
      'genus',
      [...counts].sort((a, b) => b[1] - a[1]).map(([genusId]) => genusId),
    ),
  );
}

export const knownNames = lazily((): readonly KnownName[] =>
  merged([
    ...generaCatalogue.map(({ id, name }) => known(name, 'group', [id])),
    ...generaCatalogue.flatMap(({ id, name }) => generaIn(name).map((genus) => known(genus, 'genus', [id]))),
    ...generaOfSpecies(),
    ...Object.entries(commonNames).map(([name, ids]) => known(name, 'common name', ids.value)),
    ...Object.entries(otherGenera).map(([name, ids]) => known(name, 'genus', ids.value)),
    ...hybridGenera.map(({ name, genusIds }) => known(name, 'hybrid genus', genusIds.value)),
    ...speciesNames.flatMap(({ genus, epithet, formerly, genusId }) => [
      known(`${genus} ${epithet}`, 'species', [genusId.value]),
      ...formerly.map((older) => known(`${older} ${epithet}`, 'older name', [genusId.value])),
    ]),
    ...generaCatalogue.flatMap(({ id, alsoCalled }) =>
      alsoCalled.map((name) => known(name.replace(/ group$/, ''), 'older name', [id])),
    ),
    ...hybridGenera
      .filter(({ short }) => short !== '')
      .map(({ short, genusIds }) => known(short, 'short form', genusIds.value)),
  ]),
);
