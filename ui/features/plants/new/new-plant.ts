/** A plant that is being put on record: what is said of it so far, as it lies in this browser, and what is sent of it. */
import {
  findNames,
  type Genus,
  genusById,
  genusIds,
  type NameMatch,
  type PlanCase,
  type Place,
  mediumIds,
  type SaidSetup,
  speciesThatDiffers,
  vesselCatalogue,
} from '@core';
import { noKindSaid, yearsInMediumRange } from '@core/words';
import * as z from 'zod';
import { placeInCase } from '../../../data/place-in-case';

export const MOST_YEARS = 30;

const newPlantSchema = z.object({
  name: z.string(),
  tagNumber: z.string(),
  /** The group chosen by hand; null: as the name says. */
  genusId: z.string().nullable(),
  /** null: the first there is. */
  placeId: z.string().nullable(),
  /** What it stands in; null: nobody knows. */
  setup: z.unknown(),
  years: z.string(),
  note: z.string(),
  photoIds: z.array(z.string()),
});

/** A measure that was cleared has no number in JSON. */
const measure = z
  .number()
  .nullable()
  .transform((cm) => cm ?? Number.NaN);
const knownId = (ids: readonly string[]) => z.string().refine((id) => ids.includes(id));
const vesselIds = vesselCatalogue.map(({ id }) => id);
const mediumId = knownId(mediumIds);

/** A setup while it is being said: names that there are, and measures of any size; what is wrong with them is told when it is kept. */
const halfSaidSchema = z.object({
  vessel: z.union([
    z.object({
      kind: z.literal('pot'),
      potKindId: knownId(vesselIds),
      rimDiameterCm: measure,
      heightCm: measure.optional(),
      wickCount: z.number().optional(),
    }),
    z.object({
      kind: z.literal('mount'),
      mountKindId: knownId(vesselIds),
      widthCm: measure,
      padThicknessCm: measure,
    }),
  ]),
  mix: z.array(z.looseObject({ mediumId, parts: z.number() })).min(1),
  isSideBySide: z.boolean().optional(),
  crockingCm: measure.optional(),
  crockingMediumId: mediumId.optional(),
  topMediumId: mediumId.optional(),
});

/** A kind of the grower's own, by the id under which it is kept. */
export interface LibraryKind {
  readonly id: string;
  readonly data: Genus;
}

export interface NewPlant extends z.infer<typeof newPlantSchema> {
  readonly setup: SaidSetup | null;
}

export const emptyPlant: NewPlant = {
  name: '',
  tagNumber: '',
  genusId: null,
  placeId: null,
  setup: null,
  years: '',
  note: '',
  photoIds: [],
};

/** As it lay in the browser; an empty one where that cannot be read. */
export function readNewPlant(stored: string | null): NewPlant {
  if (stored === null) return emptyPlant;
  try {
    const { setup, ...said } = newPlantSchema.parse(JSON.parse(stored));
    return { ...said, setup: setup === null ? null : (halfSaidSchema.parse(setup) as SaidSetup) };
  } catch {
    // Written by another version: what lies in the browser is a convenience.
    return emptyPlant;
  }
}

/** The groups that the name may mean, each once, the surest first. */
export function groupsFor(name: string): readonly NameMatch[] {
  const seen = new Set<string>();
  return findNames(name).filter(({ genusId }) => {
    const isNew = !seen.has(genusId);
    seen.add(genusId);
    return isNew;
  });
}

/** The group it goes into: as chosen, else as the name says; null where neither does. */
export function groupOf({ genusId, name }: Pick<NewPlant, 'genusId' | 'name'>): string | null {
  return genusId ?? groupsFor(name)[0]?.genusId ?? null;
}

/** What is wrong with it in a sentence; null where it can be kept. */
export function faultIn(said: NewPlant, mine: readonly LibraryKind[] = []): string | null {
  if (said.name.trim() === '') return 'A plant wants a name.';
  const group = groupOf(said);
  // A kind of one's own may have been deleted since it was chosen.
  if (group === null || !(genusIds.includes(group) || mine.some(({ id }) => id === group))) return noKindSaid;
  if (said.setup !== null && said.years !== '' && !(Number(said.years) >= 0 && Number(said.years) <= MOST_YEARS)) {
    return yearsInMediumRange(MOST_YEARS);
  }
  return null;
}

/** The setup it stands in, as a case tells it. */
function currentOf({ vessel, mix }: SaidSetup, years: string): PlanCase['current'] {
  const most = [...mix].sort((a, b) => b.parts - a.parts)[0]!;
  const isMix = mix.length > 1 || most.own !== undefined;
  return {
    vesselKind: vessel.kind === 'pot' ? vessel.potKindId : vessel.mountKindId,
    ...(vessel.kind === 'pot' ? { rimDiameterCm: vessel.rimDiameterCm } : {}),
    mediumId: most.mediumId,
    ...(isMix ? { mix } : {}),
    ...(years === '' ? {} : { yearsInMedium: Number(years) }),
  } as PlanCase['current'];
}

/** Of a plant without a fault. */
export function caseOfNew(said: NewPlant, places: readonly Place[], mine: readonly LibraryKind[] = []): PlanCase {
  const place = places.find(({ id }) => id === said.placeId) ?? places[0]!;
  const group = groupOf(said)!;
  const genus = mine.find(({ id }) => id === group)?.data ?? group;
  const current = said.setup === null ? {} : { current: currentOf(said.setup, said.years) };
  const species = speciesThatDiffers(said.name);
  const differs = species?.genusId === group ? { genusOverrides: species.differs } : {};
  return { genus, ...differs, place: placeInCase(place), ...current } as PlanCase;
}

/** The group's name with the name by which it was found: "Masdevallia, by Masdevallia veitchiana". */
export const groupName = ({ genusId, name, rank }: NameMatch): string =>
  rank === 'group' ? genusById(genusId).name : `${genusById(genusId).name} (${name})`;
