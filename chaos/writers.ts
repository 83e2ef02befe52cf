/** Clients that write all the time: each change under a key of its own, sent again until it is acknowledged. */
import { randomUUID } from 'node:crypto';
import { demoPlaces, makePlan } from '@core';
import { pause } from './application';

const planCase = { genus: 'phalaenopsis', place: 'heated-flat' };

/** How the run stands, as it goes on. */
export interface Run {
  /** No new change is begun. */
  isOver: boolean;
  /** The application does not come back: what is begun is given up. */
  isLost: boolean;
}

export interface Tally {
  /** Names whose writing was acknowledged, by what they are. */
  readonly plants: Set<string>;
  readonly places: Set<string>;
  readonly lists: Set<string>;
  /** Plants whose potting on a potting day was acknowledged. */
  readonly ofDays: Set<string>;
  /** The last acknowledged name of each place that was changed, by its id. */
  readonly changed: Map<string, { readonly name: string; readonly version: number }>;
  /** Names ever sent. */
  readonly sent: Set<string>;
  /** Acknowledged waterings of each plant, by its name. */
  readonly watered: Map<string, number>;
  attempts: number;
  unanswered: number;
  readonly statuses: Record<string, number>;
  readonly unexpected: string[];
}

export const newTally = (): Tally => ({
  plants: new Set(),
  places: new Set(),
  lists: new Set(),
  ofDays: new Set(),
  changed: new Map(),
  watered: new Map(),
  sent: new Set(),
  attempts: 0,
  unanswered: 0,
  statuses: {},
  unexpected: [],
});

const PATIENCE_MS = 8_000;
const BEFORE_RETRY_MS = 150;

interface Change {
  readonly method: string;
  readonly path: string;
  readonly body: unknown;
  readonly headers?: Readonly<Record<string, string>>;
}

async function attempt(address: string, { method, path, body, headers }: Change, tally: Tally) {
  tally.attempts += 1;
  try {
    const answer = await fetch(`${address}${path}`, {
      method,
      headers: { 'content-type': 'application/json', ...headers },
      body: JSON.stringify(body),
      signal: AbortSignal.timeout(PATIENCE_MS),
    });
    const text = await answer.text();
    tally.statuses[answer.status] = (tally.statuses[answer.status] ?? 0) + 1;
    return { status: answer.status, text };
  } catch {
    tally.unanswered += 1;
    return null;
  }
}

const MADE = new Set([200, 201]);
const AWAY = 503;

/** Sends until the server says it is kept; null where it says something that it should not, or does not come back. */
async function untilKept(address: string, change: Change, tally: Tally, run: Readonly<Run>): Promise<unknown> {
  while (!run.isLost) {
    const answer = await attempt(address, change, tally);
    if (answer && MADE.has(answer.status)) return JSON.parse(answer.text);
    if (answer && answer.status !== AWAY) {
      tally.unexpected.push(`${change.method} ${change.path}: ${answer.status} ${answer.text.slice(0, 200)}`);
      return null;
    }
    await pause(BEFORE_RETRY_MS);
  }
  return null;
}

interface Written {
  readonly id: string;
  readonly name: string;
}

const watered = (plants: readonly Written[]) => ({
  method: 'POST',
  path: '/api/journal',
  body: {
    kind: 'watered',
    happenedOn: '2026-11-26',
    plantIds: plants.map(({ id }) => id),
    details: {},
    idempotencyKey: randomUUID(),
  },
});

/** So many tags lie in each writer's stock at first; every potting takes one. */
export const TAGS_AT_FIRST = 100_000;
export const tagsOf = (label: string): string => `tags of ${label}`;

async function putTagsIn(address: string, label: string, run: Readonly<Run>, tally: Tally): Promise<string | null> {
  const item = { thing: { kind: 'sundry', sundry: 'other', ownName: tagsOf(label) } };
  const body = { item, amount: TAGS_AT_FIRST, happenedOn: '2026-11-25', idempotencyKey: randomUUID() };
  const kept = (await untilKept(address, { method: 'POST', path: '/api/stock', body }, tally, run)) as {
    itemId: string;
  } | null;
  return kept?.itemId ?? null;
}

/** A list of so many plants is kept whole or not at all. */
export const PLANTS_OF_A_LIST = 40;
const EVERY_SO_MANY = 6;

const listOf = (name: string) => ({
  name,
  takenInOn: '2026-11-25',
  places: ['heated-flat'],
  plants: Array.from({ length: PLANTS_OF_A_LIST }, () => ({ facts: { name }, genusId: 'vanda', place: 0 })),
  idempotencyKey: randomUUID(),
});

interface Potting {
  readonly planCase: unknown;
  readonly spec: unknown;
  readonly takes?: readonly { readonly itemId: string; readonly amount: number }[];
}

/** A potting day of one plant, which two tablets pot at the same moment: it is potted once, and stock is taken once. */
async function runDay(
  address: string,
  plant: Written,
  { planCase, spec, takes }: Potting,
  tally: Tally,
  run: Readonly<Run>,
): Promise<void> {
  const path = `/api/days/${randomUUID()}`;
  const plants = [{ id: plant.id, name: plant.name, case: planCase, setup: spec }];
  const day = { on: '2026-11-26', hours: 2, plants };
  if (!(await untilKept(address, { method: 'PUT', path, body: day }, tally, run))) return;
  const at = new Date().toISOString();
  const potting = { planCase, spec, pottedOn: '2026-11-26', note: '', ...(takes ? { takes } : {}) };
  const entry = () => ({ kind: 'potted', at, idempotencyKey: randomUUID(), data: { plantId: plant.id }, potting });
  const tablets = [entry(), entry()].map((body) =>
    untilKept(address, { method: 'POST', path: `${path}/entries`, body }, tally, run),
  );
  if ((await Promise.all(tablets)).every((kept) => kept !== null)) tally.ofDays.add(plant.name);
}

/** Writes plants, what is done to two of them at once, places and changes of places until told to stop; what is begun is brought to its end. */
export async function write(address: () => string, label: string, run: Readonly<Run>, tally: Tally): Promise<void> {
  const { spec } = makePlan(planCase).setups[0]!;
  const itemId = await putTagsIn(address(), label, run, tally);
  let before: readonly Written[] = [];
  for (let count = 0; !run.isOver && !run.isLost; count += 1) {
    const name = `${label}-${count}`;
    tally.sent.add(`plant ${name}`);
    const potting = {
      plantName: `plant ${name}`,
      pottedOn: '2026-11-25',
      planCase,
      spec,
      ...(itemId === null ? {} : { takes: [{ itemId, amount: 1 }] }),
      idempotencyKey: randomUUID(),
    };
    const potted = { method: 'POST', path: '/api/pottings', body: potting };
    const plant = (await untilKept(address(), potted, tally, run)) as { id: string } | null;
    if (plant) {
      tally.plants.add(potting.plantName);
      // Of this plant and the one before it together: both lives have it, or neither.
      const both = [{ id: plant.id, name: potting.plantName }, ...before];
      before = both.slice(0, 1);
      if (both.length === 2 && (await untilKept(address(), watered(both), tally, run))) {
        for (const one of both) tally.watered.set(one.name, (tally.watered.get(one.name) ?? 0) + 1);
      }
    }

    if (plant && count % EVERY_SO_MANY === 1) {
      await runDay(address(), { id: plant.id, name: potting.plantName }, potting, tally, run);
    }

    if (count % EVERY_SO_MANY === 0) {
      const list = listOf(`list ${name}`);
      tally.sent.add(list.name);
      if (await untilKept(address(), { method: 'POST', path: '/api/lists', body: list }, tally, run))
        tally.lists.add(list.name);
    }

    const place = { ...demoPlaces[0]!, name: `place ${name}` };
    tally.sent.add(place.name);
    const kept = { method: 'POST', path: '/api/places', body: place, headers: { 'idempotency-key': randomUUID() } };
    const made = (await untilKept(address(), kept, tally, run)) as { id: string } | null;
    if (!made) continue;
    tally.places.add(place.name);
    const other = { ...place, name: `changed ${name}` };
    const change = { method: 'PUT', path: `/api/places/${made.id}`, body: other, headers: { 'if-match': '"1"' } };
    if (await untilKept(address(), change, tally, run)) tally.changed.set(made.id, { name: other.name, version: 2 });
  }
}
