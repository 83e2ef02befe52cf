/** What the grower settled of a list, and what is sent of it. */
import { type ListChoices, type ListPlant, type MediumMatch, type Place, plain, type PlantTable } from '@core';
import type { ListInput } from '@server/exchange/lists/schemas';
import { placeInCase } from '../../../data/place-in-case';
import type { PlantSummary } from '@server/projections/plants/schemas';

/** A kind that is chosen for no text: its plants are left out. */
export const LEFT_OUT = '';

export interface Settled {
  readonly choices: ListChoices;
  /** Genus by what stands in the list; only where the grower said another than the likeliest. */
  readonly genera: Readonly<Record<string, string>>;
  /** Place by what stands in the list. */
  readonly places: Readonly<Record<string, string>>;
  /** Medium by what stands in the list: its id, or NOTE_ONLY; only where the grower said another than what was read. */
  readonly media: Readonly<Record<string, string>>;
  /** Those on record already are taken in once more. */
  readonly isAgain: boolean;
}

export const nothingSettled: Settled = { choices: {}, genera: {}, places: {}, media: {}, isAgain: false };

/** The genus that stands for a text; LEFT_OUT for none. */
export function genusFor(settled: Settled, { text, match }: PlantTable['kinds'][number]): string {
  return settled.genera[text] ?? match.genusIds[0] ?? LEFT_OUT;
}

/** No place is meant yet. */
export const NOT_SETTLED = '';

/** The place that stands for a text: as chosen, else one of that name or with it in its name; NOT_SETTLED where nobody said. */
export function placeFor(settled: Settled, text: string, places: readonly Pick<Place, 'id' | 'name'>[]): string {
  const chosen = settled.places[text];
  if (chosen !== undefined && places.some(({ id }) => id === chosen)) return chosen;
  return likelyPlaces(text, places)[0]?.id ?? NOT_SETTLED;
}

/** Places of that name first, then those that share a word with it. */
export function likelyPlaces<P extends Pick<Place, 'id' | 'name'>>(text: string, places: readonly P[]): readonly P[] {
  const words = plain(text);
  if (words === '') return [];
  const named = places.filter(({ name }) => plain(name) === words);
  const holds = places.filter(({ name }) => plain(name).includes(words) && !named.some((one) => one.name === name));
  return [...named, ...holds];
}

export const isOfThatName = (text: string, { name }: Pick<Place, 'name'>): boolean => plain(name) === plain(text);

/** What stands in the list goes into the note alone. */
export const NOTE_ONLY = '';

/** What a text of a medium stands for: as chosen, else as it was read; empty where it goes into the note alone. */
export function mixFor(settled: Settled, { text, match }: PlantTable['media'][number]): MediumMatch['mix'] {
  const chosen = settled.media[text];
  if (chosen === undefined) return match.mix;
  return chosen === NOTE_ONLY ? [] : [{ mediumId: chosen, parts: 1 }];
}

type OnRecord = Pick<PlantSummary, 'name' | 'tagNumber'>;

/** Those on record already: of the same number, or where there is none of the same name. */
export function isOnRecord(recorded: readonly OnRecord[]): (plant: Pick<ListPlant, 'name' | 'tagNumber'>) => boolean {
  const tags = new Set(recorded.flatMap(({ tagNumber }) => (tagNumber === null ? [] : [plain(tagNumber)])));
  const names = new Set(recorded.map(({ name }) => plain(name)));
  return ({ name, tagNumber }) => (tagNumber === null ? names.has(plain(name)) : tags.has(plain(tagNumber)));
}

export interface Sorted {
  readonly taken: readonly ListPlant[];
  readonly onRecord: readonly ListPlant[];
  /** Of a kind that nobody said. */
  readonly ofNoKind: readonly ListPlant[];
}

export function sortedOut(table: PlantTable, settled: Settled, recorded: readonly OnRecord[]): Sorted {
  const genera = new Map(table.kinds.map((kind) => [kind.text, genusFor(settled, kind)]));
  const isKnown = isOnRecord(recorded);
  const ofKind = table.plants.filter(({ kindText }) => genera.get(kindText) !== LEFT_OUT);
  const onRecord = ofKind.filter(isKnown);
  return {
    taken: settled.isAgain ? ofKind : ofKind.filter((plant) => !isKnown(plant)),
    onRecord,
    ofNoKind: table.plants.filter(({ kindText }) => genera.get(kindText) === LEFT_OUT),
  };
}

/** A mix is told by its parts, with the medium of most of them. */
function mediumSaid(mix: MediumMatch['mix']): Pick<ListInput['plants'][number], 'mediumId' | 'mix'> {
  const most = [...mix].sort((a, b) => b.parts - a.parts)[0];
  if (!most) return {};
  return { mediumId: most.mediumId, ...(mix.length > 1 ? { mix } : {}) } as Pick<
    ListInput['plants'][number],
    'mediumId' | 'mix'
  >;
}

/** Places that nobody settled yet, of plants that would come. */
export function openPlaces(taken: readonly ListPlant[], settled: Settled, places: readonly Place[]): readonly string[] {
  const texts = [...new Set(taken.map(({ placeText }) => placeText))];
  return texts.filter((text) => placeFor(settled, text, places) === NOT_SETTLED);
}

/** Every place is settled. */
export function bodyOf(
  name: string,
  takenInOn: string,
  table: PlantTable,
  settled: Settled,
  taken: readonly ListPlant[],
  places: readonly Place[],
): Omit<ListInput, 'idempotencyKey'> {
  const genera = new Map(table.kinds.map((kind) => [kind.text, genusFor(settled, kind)]));
  const mixes = new Map(table.media.map((medium) => [medium.text, mixFor(settled, medium)]));
  const placeIds = [...new Set(taken.map(({ placeText }) => placeFor(settled, placeText, places)))];
  const byId = new Map(places.map((place) => [place.id, place]));
  const plants = taken.map((plant) => {
    const { name: plantName, tagNumber, parentage, source, acquiredOn, spot, flag } = plant;
    return {
      facts: { name: plantName, tagNumber, parentage, source, acquiredOn, spot, flag },
      genusId: genera.get(plant.kindText)!,
      ...(plant.kindText === '' ? {} : { kindText: plant.kindText.slice(0, 200) }),
      place: placeIds.indexOf(placeFor(settled, plant.placeText, places)),
      ...mediumSaid(mixes.get(plant.mediumText) ?? []),
      ...(plant.rimDiameterCm === null ? {} : { rimDiameterCm: plant.rimDiameterCm }),
      ...(plant.inMediumSince === null ? {} : { inMediumSince: plant.inMediumSince }),
      ...(plant.wateredOn === null ? {} : { wateredOn: plant.wateredOn }),
      ...(plant.left === null ? {} : { left: plant.left }),
      note: plant.note,
    };
  });
  const sent = placeIds.map((id) => placeInCase(byId.get(id)!));
  return { name, takenInOn, places: sent as ListInput['places'], plants };
}
