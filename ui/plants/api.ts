/** The collection over HTTP, with problem+json turned into messages. */
import { z } from 'zod';
import type { Place, PlanCase, SetupSpec } from '@core';
import type { PlantLog } from '@server/collection/plants';

const problemSchema = z.object({
  title: z.string(),
  faults: z.array(z.object({ path: z.string(), message: z.string() })).default([]),
});

async function refusal(response: Response): Promise<Error> {
  const parsed = problemSchema.safeParse(await response.json().catch(() => null));
  if (!parsed.success) return new Error(`The server answered ${response.status}. Nothing was changed; try again.`);
  const faults = parsed.data.faults.map((fault) => fault.message);
  return new Error(faults.length > 0 ? faults.join('; ') : parsed.data.title);
}

async function call(path: string, init: RequestInit): Promise<Response> {
  let response: Response;
  try {
    response = await fetch(path, init);
  } catch {
    throw new Error('The server cannot be reached. Nothing was changed; your draft is kept in this browser.');
  }
  if (!response.ok) throw await refusal(response);
  return response;
}

export interface PottedForm {
  readonly plantId: string | null;
  readonly plantName: string;
  readonly pottedOn: string;
  readonly note: string;
  readonly planCase: PlanCase;
  readonly spec: SetupSpec;
}

export async function savePotted(form: PottedForm): Promise<PlantLog> {
  const response = await call('/api/pottings', {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(form),
  });
  return (await response.json()) as PlantLog;
}

/** What can be put away and brought back. */
export type OwnKind = 'medium' | 'pot' | 'genus';
export type Kept = 'plants' | 'pottings' | 'places' | `own/${OwnKind}`;

export async function savePlace(place: Place): Promise<Place> {
  const response = await call('/api/places', {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(place),
  });
  return (await response.json()) as Place;
}

export async function changePlace(place: Place): Promise<Place> {
  const response = await call(`/api/places/${place.id}`, {
    method: 'PUT',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(place),
  });
  return (await response.json()) as Place;
}

export async function saveOwn(kind: OwnKind, data: unknown): Promise<string> {
  const response = await call(`/api/own/${kind}`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(data),
  });
  return ((await response.json()) as { id: string }).id;
}

export async function fetchOwn<T>(kind: OwnKind): Promise<readonly { id: string; data: T }[]> {
  const response = await call(`/api/own/${kind}`, { method: 'GET' });
  return ((await response.json()) as { items: { id: string; data: T }[] }).items;
}

export async function fetchPlaces(): Promise<readonly Place[]> {
  const response = await call('/api/places', { method: 'GET' });
  return ((await response.json()) as { places: Place[] }).places;
}

export async function remove(kind: Kept, id: string): Promise<void> {
  await call(`/api/${kind}/${id}`, { method: 'DELETE' });
}

export async function restore(kind: Kept, id: string): Promise<void> {
  await call(`/api/${kind}/${id}/restore`, { method: 'POST' });
}
