import { planCaseSchema } from '../testing';
import { genusOf, resolveCase } from '../case';
import { genusById } from '../catalogue/genera';
import { speciesNames, speciesTraits } from '../catalogue/names';
import { speciesThatDiffers } from './species-differs';

const entries = speciesTraits.flatMap(({ genus, epithets, differs }) =>
  epithets.map((epithet) => ({ name: `${genus} ${epithet}`, differs })),
);

test('every species of the table is one of the catalogue’s, and stands in it once', () => {
  const known = new Set(speciesNames.map(({ genus, epithet }) => `${genus} ${epithet}`));
  expect(entries.filter(({ name }) => !known.has(name)).map(({ name }) => name)).toEqual([]);
  expect(new Set(entries.map(({ name }) => name)).size).toBe(entries.length);
  expect(entries.length).toBeGreaterThan(250);
});

test('each trait is one a case may say, differs from the group’s, and says where it comes from', () => {
  const groupOf = new Map(speciesNames.map(({ genus, epithet, genusId }) => [`${genus} ${epithet}`, genusId.value]));
  const idle = entries.flatMap(({ name, differs }) => {
    expect(differs.provenance.kind).toBe('memory');
    const said = { genus: 'vanda', place: 'glasshouse', genusOverrides: differs.value };
    expect(planCaseSchema.safeParse(said).error).toBeUndefined();
    const group = genusById(groupOf.get(name)!);
    return Object.entries(differs.value)
      .filter(([trait, value]) => group[trait as keyof typeof group] === value)
      .map(([trait]) => `${name}: ${trait}`);
  });
  expect(idle).toEqual([]);
});

test('thinnest roots stay under the thickest', () => {
  for (const { name, differs } of entries) {
    const { genusId } = speciesThatDiffers(name)!;
    const { rootThinnestMm, rootThickestMm } = { ...genusById(genusId), ...differs.value };
    expect([name, rootThinnestMm < rootThickestMm]).toEqual([name, true]);
  }
});

test.each([
  // Common practice, no source: what growers say of these species.
  ['Paphiopedilum bellatulum', 'lime', 'wants lime'],
  ['Paph. delenatii ‘Cinderella’', 'lime', 'hates lime'],
  ['Vanda coerulea', 'temperature', 'intermediate'],
  ['Coelogyne cristata', 'rest', 'dry winter'],
  ['Laelia pumila', 'heightCm', 15],
  ['Oncidium cebolleta', 'cover', 'refuses cover'],
  ['Den. victoriae-reginae', 'heightCm', 35],
  ['Neofinetia falcata', null, null],
  ['Barkeria skinneri', 'rest', 'leafless and dry'],
])('%s: %s is %s', (name, trait, value) => {
  const found = speciesThatDiffers(name);
  if (trait === null) expect(found).toBeNull();
  else expect(found?.differs).toMatchObject({ [trait]: value });
});

test('a cross, a genus and a name of no species are left as their group', () => {
  for (const text of ['Paph. bellatulum × niveum', 'Paph. bellatulum x niveum', 'Vanda', 'my green one', ''])
    expect(speciesThatDiffers(text)).toBeNull();
});

test('a case that says them grows by them', () => {
  const { differs, genusId } = speciesThatDiffers('Goodyera repens')!;
  const planCase = planCaseSchema.parse({ genus: genusId, genusOverrides: differs, place: 'cool-shade' });
  expect(genusOf(planCase).temperature).toBe('hardy');
  expect(resolveCase(planCase).plant.heightCm).toBe(8);
});
