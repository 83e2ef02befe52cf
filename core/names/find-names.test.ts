import { genusIds } from '../catalogue/genera';
import { commonNames, hybridGenera, otherGenera, speciesNames } from '../catalogue/names';
import { findNames, groupCalled } from './find-names';
import { shortForms } from './short-forms';

const first = (text: string) => findNames(text)[0]?.genusId ?? null;

test('at least 1,200 species and 200 hybrid genera, each once, each of a group that there is', () => {
  expect(speciesNames.length).toBeGreaterThanOrEqual(1200);
  expect(hybridGenera.length).toBeGreaterThanOrEqual(200);
  const species = speciesNames.map(({ genus, epithet }) => `${genus} ${epithet}`);
  expect(species.filter((name, i) => species.indexOf(name) !== i)).toEqual([]);
  const hybrids = hybridGenera.map(({ name }) => name);
  expect(hybrids.filter((name, i) => hybrids.indexOf(name) !== i)).toEqual([]);
  const led = [
    ...speciesNames.map(({ genusId }) => genusId.value),
    ...hybridGenera.flatMap((hybrid) => hybrid.genusIds.value),
    ...[...Object.values(commonNames), ...Object.values(otherGenera)].flatMap(({ value }) => value),
  ];
  expect(led.filter((id) => !genusIds.includes(id))).toEqual([]);
});

test('names are written as botanists write them', () => {
  for (const { genus, epithet } of speciesNames) {
    expect(genus).toMatch(/^[A-Z][a-z]+$/);
    expect(epithet).toMatch(/^[a-z]+(-[a-z]+)*$/);
  }
  for (const { name, short } of hybridGenera) expect(`${name} ${short}`).toMatch(/^[A-Z][a-z]+ ([A-Z][a-z]+)?$/);
});

/** Common practice, no source: which group a grower of these would look under. */
test.each([
  ['Maxilaria', 'maxillaria'],
  ['masdevalia', 'masdevallia'],
  ['Rhyncostylis', 'rhynchostylis'],
  ['phalenopsis', 'phalaenopsis'],
  ['phaleanopsis gigantea', 'phalaenopsis'],
  ['paphiopedlium rothschildianum', 'paphiopedilum-multifloral'],
  ['moth orchid', 'phalaenopsis'],
  ['moth orchids', 'phalaenopsis'],
  ['dancing lady', 'oncidium'],
  ['jewel', 'ludisia'],
  ['Phal. amabilis', 'phalaenopsis'],
  ['Phal. equestris', 'phalaenopsis-mini'],
  ['amabilis', 'phalaenopsis'],
  ['C. walkeriana', 'cattleya-bifoliate'],
  ['Cattleya labiata', 'cattleya-unifoliate'],
  ['Laelia purpurata', 'cattleya-unifoliate'],
  ['Laelia anceps', 'cattleya-unifoliate'],
  ['Sophronitis coccinea', 'sophronitis'],
  ['Blc. George King', 'brassavola'],
  ['Den nobile', 'dendrobium-softcane'],
  ['Dendrobium kingianum', 'dendrobium-kingianum'],
  ['Den. cuthbertsonii', 'dendrobium-mini'],
  ['Dendrobium bigibbum', 'dendrobium-hardcane'],
  ['Fredclarkeara After Dark', 'catasetum'],
  ['Fdk After Dark', 'catasetum'],
  ['Ascocenda Princess Mikasa', 'vanda'],
  ['Neofinetia falcata', 'neofinetia'],
  ['Vanda falcata', 'neofinetia'],
  ['Oncidium Sharry Baby', 'oncidium'],
  ['Odontoglossum crispum', 'odontoglossum-cool'],
  ['Oncidium papilio', 'psychopsis'],
  ['Bulbophylum medusae', 'bulbophyllum'],
  ['Cym. devonianum', 'cymbidium'],
  ['Cymbidium aloifolium', 'cymbidium-warm'],
  ['Paph. micranthum', 'paphiopedilum'],
  ['Epidendrum radicans', 'epidendrum-reed'],
  ['Encyclia cochleata', 'encyclia'],
  ['Epi. ciliare', 'encyclia'],
  ['Zygopetulum', 'zygopetalum'],
  ['Aerangis luteoalba', 'aerangis'],
  ['Angraecum sesquipedale', 'angraecum'],
  ['Vuylstekeara Cambria', 'oncidium'],
])('%s is looked for under %s', (typed, genusId) => expect(first(typed)).toBe(genusId));

test('every species, whole or by its older name, leads to its own group', () => {
  const wrong = speciesNames
    .filter((_, i) => i % 7 === 0)
    .flatMap(({ genus, epithet, formerly, genusId }) =>
      [genus, ...formerly]
        .map((before) => `${before} ${epithet}`)
        .filter((name) => !findNames(name).some((match) => match.sure > 0.35 && match.genusId === genusId.value)),
    );
  expect(wrong).toEqual([]);
});

test('every short form is short for a name that is known', () => {
  for (const genus of Object.values(shortForms)) expect(findNames(genus)[0]!.sure).toBeGreaterThan(0.3);
});

test('one group that is called just so is known without a search, and the search says the same', () => {
  for (const name of ['Phal. amabilis', 'Dendrobium nobile', 'Ascocenda', 'dancing lady']) {
    expect(groupCalled(name)).toBe(first(name));
  }
  for (const name of ['Cattleya', 'slipper', 'Dendrobium nobile x', '', 'qqzzxx']) expect(groupCalled(name)).toBeNull();
});

test('a name of several groups tells all of them, and is sure of none', () => {
  const found = findNames('Cattleya');
  expect(found.map(({ genusId }) => genusId)).toEqual(
    expect.arrayContaining(['cattleya-unifoliate', 'cattleya-bifoliate', 'sophronitis']),
  );
  expect(found[0]!.sure).toBeLessThan(0.8);
});

test('each group once, best first; nothing for nothing and for what is no orchid', () => {
  for (const text of ['den', 'phal', 'slipper', 'a', 'cattleya hybrid']) {
    const found = findNames(text);
    expect(new Set(found.map(({ genusId }) => genusId)).size).toBe(found.length);
    found.slice(1).forEach(({ sure }, i) => expect(sure).toBeLessThanOrEqual(found[i]!.sure));
    for (const { sure } of found) expect(sure).toBeGreaterThan(0);
  }
  for (const text of ['', '  ', '???', 'qqzzxx', 'no idea']) expect(findNames(text)).toEqual([]);
});
