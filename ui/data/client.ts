/**
 * The one HTTP client. Paths, bodies and answers share the routes' own schemas. What is read is asked for
 * at once; what is changed goes through the outbox, so that it is kept once, in order, and never lost.
 */
import * as z from 'zod';
import type { Place } from '@core';
import { type PlantLog, plantLogSchema, type PlantPage, plantPageSchema } from '@server/plants/schemas';
import { type PlacePage, placePageSchema, wholePlaceSchema } from '@server/places/schemas';
import type { InspectionInput, LookInput, PottingInput } from '@server/events/schemas';
import { type WaitingList, waitingListSchema } from '@server/waiting/schemas';
import {
  type OwnEntry,
  type OwnKind,
  type OwnPage,
  ownEntrySchema,
  type OwnHistory,
  ownHistorySchema,
  ownPageSchema,
  type OwnTypes,
} from '@server/own/schemas';

import { outbox } from './outbox/outbox';
import { call } from './transport';

export type { OwnKind } from '@server/own/schemas';
export { NotYetKeptError } from './outbox/letter';
export { ConflictError, UnreachableError } from './transport';

/** An answer that is not what the route promises is a fault of the program, said as such. */
function understood<T>(schema: z.ZodType<T>, answer: unknown): T {
  const parsed = schema.safeParse(answer);
  if (!parsed.success) throw new Error('The server answered something this page does not understand. Load it again.');
  return parsed.data;
}

async function ask<T>(schema: z.ZodType<T>, path: string): Promise<T> {
  return understood(schema, await call('GET', path));
}

const after = (cursor: string | null): string => (cursor === null ? '' : `?after=${encodeURIComponent(cursor)}`);

export type PottedForm = PottingInput;

/** What can be put away and brought back. */
export type Kept = 'plants' | 'events' | 'photos' | 'places' | `own/${OwnKind}`;

export const client = {
  plants: (cursor: string | null): Promise<PlantPage> => ask(plantPageSchema, `/api/plants${after(cursor)}`),
  /** What fits best comes first; typing errors are forgiven. */
  findPlants: (search: string): Promise<PlantPage> =>
    ask(plantPageSchema, `/api/plants?search=${encodeURIComponent(search)}`),
  plant: (id: string): Promise<PlantLog> => ask(plantLogSchema, `/api/plants/${id}`),
  savePotting: async (form: PottedForm): Promise<PlantLog> => {
    const letter = { title: `${form.plantName} potted`, method: 'POST', path: '/api/pottings', body: form } as const;
    return understood(plantLogSchema, await outbox.deliver(letter));
  },

  /** What was seen of a plant joins its life; a plant not on file is made with it. */
  saveInspection: async (form: InspectionInput): Promise<PlantLog> => {
    const title = `${form.plantName} looked over`;
    return understood(
      plantLogSchema,
      await outbox.deliver({ title, method: 'POST', path: '/api/inspections', body: form }),
    );
  },
  saveLook: async (form: LookInput): Promise<PlantLog> => {
    const title = `${form.plantName}: ${form.answer}`;
    return understood(plantLogSchema, await outbox.deliver({ title, method: 'POST', path: '/api/looks', body: form }));
  },
  waiting: (): Promise<WaitingList> => ask(waitingListSchema, '/api/waiting'),

  places: (cursor: string | null): Promise<PlacePage> => ask(placePageSchema, `/api/places${after(cursor)}`),
  savePlace: async (place: Place): Promise<Place> => {
    const letter = { title: `Place ${place.name}`, method: 'POST', path: '/api/places', body: place } as const;
    return understood(wholePlaceSchema, await outbox.deliver(letter));
  },
  /** version: as last seen; a place changed since then is not overwritten. */
  changePlace: async (place: Place, version: number): Promise<Place> => {
    const letter = { title: `Place ${place.name} changed`, method: 'PUT', path: `/api/places/${place.id}` } as const;
    return understood(wholePlaceSchema, await outbox.deliver({ ...letter, body: place, seenVersion: version }));
  },

  own: <K extends OwnKind>(kind: K, cursor: string | null): Promise<OwnPage<K>> =>
    ask(ownPageSchema(kind) as unknown as z.ZodType<OwnPage<K>>, `/api/own/${kind}${after(cursor)}`),
  saveOwn: async <K extends OwnKind>(kind: K, data: OwnTypes[K]): Promise<OwnEntry<K>> => {
    const schema = ownEntrySchema(kind) as unknown as z.ZodType<OwnEntry<K>>;
    const letter = { title: ownTitle(kind, data), method: 'POST', path: `/api/own/${kind}`, body: data } as const;
    return understood(schema, await outbox.deliver(letter));
  },

  /** A thing changed since it was seen is not overwritten. */
  changeOwn: async <K extends OwnKind>(kind: K, seen: OwnEntry<K>, data: OwnTypes[K]): Promise<OwnEntry<K>> => {
    const schema = ownEntrySchema(kind) as unknown as z.ZodType<OwnEntry<K>>;
    const letter = {
      title: `${ownTitle(kind, data)} changed`,
      method: 'PUT',
      path: `/api/own/${kind}/${seen.id}`,
    } as const;
    return understood(schema, await outbox.deliver({ ...letter, body: data, seenVersion: seen.version }));
  },
  ownHistory: <K extends OwnKind>(kind: K, id: string): Promise<OwnHistory<K>> =>
    ask(ownHistorySchema(kind) as unknown as z.ZodType<OwnHistory<K>>, `/api/own/${kind}/${id}/history`),

  remove: async (kind: Kept, id: string): Promise<void> => {
    await outbox.deliver({ title: `${nouns[kind]} put away`, method: 'DELETE', path: `/api/${kind}/${id}` });
  },
  restore: async (kind: Kept, id: string): Promise<void> => {
    await outbox.deliver({ title: `${nouns[kind]} brought back`, method: 'POST', path: `/api/${kind}/${id}/restore` });
  },
};

const nouns: Readonly<Record<Kept, string>> = {
  plants: 'Plant',
  events: 'Log entry',
  photos: 'Photograph',
  places: 'Place',
  'own/medium': 'Own medium',
  'own/pot': 'Own pot',
  'own/genus': 'Own genus',
};

function ownTitle<K extends OwnKind>(kind: K, data: OwnTypes[K]): string {
  return 'name' in data ? `${nouns[`own/${kind}`]} ${data.name}` : nouns[`own/${kind}`];
}
