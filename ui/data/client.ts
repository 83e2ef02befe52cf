/**
 * The one HTTP client. Paths, bodies and answers share the routes' own schemas; a problem+json becomes
 * an error with a sentence.
 */
import { z } from 'zod';
import type { Place } from '@core';
import { type PlantLog, plantLogSchema, type PlantPage, plantPageSchema } from '@server/plants/schemas';
import { type PlacePage, placePageSchema, wholePlaceSchema } from '@server/places/schemas';
import type { PottingInput } from '@server/events/schemas';
import {
  type OwnEntry,
  type OwnKind,
  type OwnPage,
  ownPageSchema,
  ownSchemas,
  type OwnTypes,
} from '@server/own/schemas';

export type { OwnKind } from '@server/own/schemas';

const problemSchema = z.looseObject({
  title: z.string(),
  faults: z.array(z.object({ path: z.string(), message: z.string() })).default([]),
});

/** The server could not be reached: nothing is known of what became of the request. */
export class UnreachableError extends Error {}

/** Someone else was faster: what is kept now. Nothing was overwritten. */
export class ConflictError extends Error {
  constructor(
    message: string,
    readonly current: unknown,
  ) {
    super(message);
  }
}

async function refusal(response: Response): Promise<Error> {
  const parsed = problemSchema.safeParse(await response.json().catch(() => null));
  if (!parsed.success) return new Error(`The server answered ${response.status}. Nothing was changed; try again.`);
  const faults = parsed.data.faults.map((fault) => fault.message);
  const said = faults.length > 0 ? faults.join('; ') : parsed.data.title;
  return response.status === 409 ? new ConflictError(said, parsed.data.current) : new Error(said);
}

interface Sent {
  readonly body?: unknown;
  readonly headers?: Readonly<Record<string, string>>;
}

async function call(method: string, path: string, { body, headers = {} }: Sent = {}): Promise<Response> {
  const all = new Headers(headers);
  // Every change says it is JSON, with a body or without: the server takes no other.
  if (method !== 'GET') all.set('content-type', 'application/json');
  let response: Response;
  try {
    response = await fetch(path, { method, headers: all, body: body === undefined ? null : JSON.stringify(body) });
  } catch {
    throw new UnreachableError(
      'The server cannot be reached. Nothing was changed; your draft is kept in this browser.',
    );
  }
  if (!response.ok) throw await refusal(response);
  return response;
}

/** An answer that is not what the route promises is a fault of the program, said as such. */
async function ask<T>(schema: z.ZodType<T>, method: string, path: string, sent?: Sent): Promise<T> {
  const response = await call(method, path, sent);
  const parsed = schema.safeParse(await response.json());
  if (!parsed.success) throw new Error('The server answered something this page does not understand. Load it again.');
  return parsed.data;
}

/** Keys of what is on its way or was never answered; the same thing sent again carries the same key. */
const unanswered = new Map<string, string>();

/** Creates something once, however often it is tapped or sent again after a lost answer. */
async function askOnce<T>(schema: z.ZodType<T>, path: string, body: unknown): Promise<T> {
  const what = `${path} ${JSON.stringify(body)}`;
  const key = unanswered.get(what) ?? crypto.randomUUID();
  unanswered.set(what, key);
  const made = await ask(schema, 'POST', path, { body, headers: { 'idempotency-key': key } });
  unanswered.delete(what);
  return made;
}

const after = (cursor: string | null): string => (cursor === null ? '' : `?after=${encodeURIComponent(cursor)}`);

export type PottedForm = PottingInput;

/** What can be put away and brought back. */
export type Kept = 'plants' | 'pottings' | 'places' | `own/${OwnKind}`;

export const client = {
  plants: (cursor: string | null): Promise<PlantPage> => ask(plantPageSchema, 'GET', `/api/plants${after(cursor)}`),
  plant: (id: string): Promise<PlantLog> => ask(plantLogSchema, 'GET', `/api/plants/${id}`),
  savePotting: (form: PottedForm): Promise<PlantLog> => ask(plantLogSchema, 'POST', '/api/pottings', { body: form }),

  places: (cursor: string | null): Promise<PlacePage> => ask(placePageSchema, 'GET', `/api/places${after(cursor)}`),
  savePlace: (place: Place): Promise<Place> => askOnce(wholePlaceSchema, '/api/places', place),
  /** version: as last seen; a place changed since then is not overwritten. */
  changePlace: (place: Place, version: number | null): Promise<Place> =>
    ask(wholePlaceSchema, 'PUT', `/api/places/${place.id}`, {
      body: place,
      headers: version === null ? {} : { 'if-match': `"${version}"` },
    }),

  own: <K extends OwnKind>(kind: K, cursor: string | null): Promise<OwnPage<K>> =>
    ask(ownPageSchema(kind) as unknown as z.ZodType<OwnPage<K>>, 'GET', `/api/own/${kind}${after(cursor)}`),
  saveOwn: <K extends OwnKind>(kind: K, data: OwnTypes[K]): Promise<OwnEntry<K>> =>
    askOnce(
      z.object({ id: z.uuid(), data: ownSchemas[kind] }) as unknown as z.ZodType<OwnEntry<K>>,
      `/api/own/${kind}`,
      data,
    ),

  remove: async (kind: Kept, id: string): Promise<void> => {
    await call('DELETE', `/api/${kind}/${id}`);
  },
  restore: async (kind: Kept, id: string): Promise<void> => {
    await call('POST', `/api/${kind}/${id}/restore`);
  },
};
