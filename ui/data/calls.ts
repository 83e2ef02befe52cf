/**
 * What can be asked of the server. Paths, bodies and answers share the routes' own schemas. What is read is asked for
 * at once; what is changed goes through the outbox, so that it is kept once, in order, and never lost.
 */
import {
  broughtBackTitle,
  putAwayTitle,
  placeChangedTitle,
  inspectionTitle,
  pottingCorrectedTitle,
  planTitle,
  plantFactsTitle,
  plantAddedTitle,
} from '@core/words';
import * as z from 'zod';
import type { Place } from '@core';
import { type BatchKept, batchKeptSchema } from '@server/records/journal/quick-entry-schemas';
import type { QuickInput } from '@server/records/journal/quick-schemas';
import { type DueList, dueListSchema } from '@server/projections/due/schemas';
import { type Correction, type EventHistory, eventHistorySchema } from '@server/records/journal/correct-schemas';
import type { AddInput } from '@server/records/journal/add-schemas';
import { type FactsHistory, factsHistorySchema, type PlantFacts } from '@server/records/plants/facts-schemas';
import {
  type Facets,
  facetsSchema,
  type PlantLog,
  plantLogSchema,
  type PlantPage,
  plantPageSchema,
} from '@server/projections/plants/schemas';
import { type PlacePage, placePageSchema, wholePlaceSchema } from '@server/records/places/schemas';
import type {
  InspectionInput,
  SignCheckInput,
  PlanInput,
  PottingInput,
  PottingRight,
} from '@server/records/journal/schemas';
import { type SignWatch, signWatchSchema } from '@server/projections/sign-watch/schemas';
import {
  type LibraryEntry,
  type LibraryKind,
  type LibraryPage,
  libraryEntrySchema,
  type LibraryHistory,
  libraryHistorySchema,
  libraryPageSchema,
  type LibraryTypes,
} from '@server/records/library/schemas';

import { today } from './dates';
import { outbox } from './outbox/outbox';
import { ask, understood } from './ask';

const after = (cursor: string | null): string => (cursor === null ? '' : `?after=${encodeURIComponent(cursor)}`);

export type PottedForm = PottingInput;
export type PottingRightForm = PottingRight;
export type PlanForm = PlanInput;

/** Of each kind its details go with it. */
export type JournalForm = { [K in QuickInput['kind']]: Extract<QuickInput, { kind: K }> }[QuickInput['kind']];

export type PlantsAsked = Readonly<Record<string, string>>;

/** What can be deleted and brought back. */
export type Kept =
  'plants' | 'events' | 'care' | 'photos' | 'places' | 'stock/entries' | 'lists' | `own/${LibraryKind}`;

export const calls = {
  /** wish: what a list is filtered and ordered by, as it stands in the address. */
  plants: (wish: PlantsAsked, cursor: string | null): Promise<PlantPage> => {
    // What is due is due by the grower's day.
    const day: PlantsAsked = wish.due ? { today: today() } : {};
    const asked = new URLSearchParams({ ...wish, ...day, ...(cursor === null ? {} : { after: cursor }) });
    return ask(plantPageSchema, `/api/plants?${asked}`);
  },
  facets: (): Promise<Facets> => ask(facetsSchema, '/api/plants/facets'),
  /** today: the grower's day, YYYY-MM-DD. */
  plant: (id: string, today: string): Promise<PlantLog> => ask(plantLogSchema, `/api/plants/${id}?today=${today}`),
  due: (today: string): Promise<DueList> => ask(dueListSchema, `/api/due?today=${today}`),
  /** title: what it is, for the grower. */
  saveCare: async (title: string, form: JournalForm): Promise<BatchKept> =>
    understood(batchKeptSchema, await outbox.deliver({ title, method: 'POST', path: '/api/journal', body: form })),
  /** A plant put on record without the bench. */
  addPlant: async (form: AddInput): Promise<PlantLog> => {
    const letter = {
      title: plantAddedTitle(form.facts.name),
      method: 'POST',
      path: '/api/plants',
      body: form,
    } as const;
    return understood(plantLogSchema, await outbox.deliver(letter));
  },
  /** A plant changed since it was seen is not overwritten. */
  changeFacts: async (id: string, facts: PlantFacts, version: number): Promise<PlantLog> => {
    const letter = { title: plantFactsTitle(facts.name), method: 'PUT', path: `/api/plants/${id}` } as const;
    return understood(plantLogSchema, await outbox.deliver({ ...letter, body: facts, seenVersion: version }));
  },
  eventBefore: (id: string): Promise<EventHistory> => ask(eventHistorySchema, `/api/events/${id}/history`),
  factsBefore: (id: string): Promise<FactsHistory> => ask(factsHistorySchema, `/api/plants/${id}/history`),
  correctEvent: async (title: string, id: string, correction: Correction, version: number): Promise<PlantLog> => {
    const letter = { title, method: 'PUT', path: `/api/events/${id}`, body: correction } as const;
    return understood(plantLogSchema, await outbox.deliver({ ...letter, seenVersion: version }));
  },
  savePotting: async (form: PottedForm): Promise<PlantLog> => {
    const letter = { title: `${form.plantName} potted`, method: 'POST', path: '/api/pottings', body: form } as const;
    return understood(plantLogSchema, await outbox.deliver(letter));
  },
  savePlan: async (form: PlanForm): Promise<PlantLog> => {
    const letter = { title: planTitle(form.plantName), method: 'POST', path: '/api/plans', body: form } as const;
    return understood(plantLogSchema, await outbox.deliver(letter));
  },
  /** What it was potted in, put right; version: of the entry, as last seen. */
  correctPotting: async (name: string, id: string, form: PottingRightForm, version: number): Promise<PlantLog> => {
    const letter = { title: pottingCorrectedTitle(name), method: 'PUT', path: `/api/pottings/${id}` } as const;
    return understood(plantLogSchema, await outbox.deliver({ ...letter, body: form, seenVersion: version }));
  },

  /** What was seen of a plant joins its life; a plant not on file is made with it. */
  saveInspection: async (form: InspectionInput): Promise<PlantLog> => {
    const title = inspectionTitle(form.plantName);
    return understood(
      plantLogSchema,
      await outbox.deliver({ title, method: 'POST', path: '/api/inspections', body: form }),
    );
  },
  saveLook: async (form: SignCheckInput): Promise<PlantLog> => {
    const title = `${form.plantName}: ${form.answer}`;
    return understood(
      plantLogSchema,
      await outbox.deliver({ title, method: 'POST', path: '/api/sign-checks', body: form }),
    );
  },
  waiting: (): Promise<SignWatch> => ask(signWatchSchema, '/api/sign-watch'),

  places: (cursor: string | null): Promise<PlacePage> => ask(placePageSchema, `/api/places${after(cursor)}`),
  savePlace: async (place: Place): Promise<Place> => {
    const letter = { title: `Place ${place.name}`, method: 'POST', path: '/api/places', body: place } as const;
    return understood(wholePlaceSchema, await outbox.deliver(letter));
  },
  /** version: as last seen; a place changed since then is not overwritten. */
  changePlace: async (place: Place, version: number): Promise<Place> => {
    const letter = { title: placeChangedTitle(place.name), method: 'PUT', path: `/api/places/${place.id}` } as const;
    return understood(wholePlaceSchema, await outbox.deliver({ ...letter, body: place, seenVersion: version }));
  },

  own: <K extends LibraryKind>(kind: K, cursor: string | null): Promise<LibraryPage<K>> =>
    ask(libraryPageSchema(kind) as unknown as z.ZodType<LibraryPage<K>>, `/api/library/${kind}${after(cursor)}`),
  saveLibraryItem: async <K extends LibraryKind>(kind: K, data: LibraryTypes[K]): Promise<LibraryEntry<K>> => {
    const schema = libraryEntrySchema(kind) as unknown as z.ZodType<LibraryEntry<K>>;
    const letter = { title: ownTitle(kind, data), method: 'POST', path: `/api/library/${kind}`, body: data } as const;
    return understood(schema, await outbox.deliver(letter));
  },

  /** A thing changed since it was seen is not overwritten. */
  changeLibraryItem: async <K extends LibraryKind>(
    kind: K,
    seen: LibraryEntry<K>,
    data: LibraryTypes[K],
  ): Promise<LibraryEntry<K>> => {
    const schema = libraryEntrySchema(kind) as unknown as z.ZodType<LibraryEntry<K>>;
    const letter = {
      title: `${ownTitle(kind, data)} changed`,
      method: 'PUT',
      path: `/api/library/${kind}/${seen.id}`,
    } as const;
    return understood(schema, await outbox.deliver({ ...letter, body: data, seenVersion: seen.version }));
  },
  ownHistory: <K extends LibraryKind>(kind: K, id: string): Promise<LibraryHistory<K>> =>
    ask(libraryHistorySchema(kind) as unknown as z.ZodType<LibraryHistory<K>>, `/api/library/${kind}/${id}/history`),

  remove: async (kind: Kept, id: string): Promise<void> => {
    await outbox.deliver({ title: putAwayTitle(nouns[kind]), method: 'DELETE', path: `/api/${kind}/${id}` });
  },
  restore: async (kind: Kept, id: string): Promise<void> => {
    await outbox.deliver({ title: broughtBackTitle(nouns[kind]), method: 'POST', path: `/api/${kind}/${id}/restore` });
  },
};

const nouns: Readonly<Record<Kept, string>> = {
  plants: 'Plant',
  events: 'Log entry',
  care: 'Entry',
  photos: 'Photograph',
  places: 'Place',
  'own/medium': 'Own medium',
  'own/genus': 'Own genus',
  'own/stock': 'Thing in stock',
  'own/view': 'View',
  'own/trial': 'Trial',
  'stock/entries': 'Entry of stock',
  lists: 'List',
};

function ownTitle<K extends LibraryKind>(kind: K, data: LibraryTypes[K]): string {
  return 'name' in data ? `${nouns[`own/${kind}`]} ${data.name}` : nouns[`own/${kind}`];
}
