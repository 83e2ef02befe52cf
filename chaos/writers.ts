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
  /** The last acknowledged name of each place that was changed, by its id. */
  readonly changed: Map<string, { readonly name: string; readonly version: number }>;
  /** Names ever sent. */
  readonly sent: Set<string>;
  attempts: number;
  unanswered: number;
  readonly statuses: Record<string, number>;
  readonly unexpected: string[];
}

export const newTally = (): Tally => ({
  plants: new Set(),
  places: new Set(),
  changed: new Map(),
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

/** Writes plants, places and changes of places until told to stop; what is begun is brought to its end. */
export async function write(address: () => string, label: string, run: Readonly<Run>, tally: Tally): Promise<void> {
  const { spec } = makePlan(planCase, demoPlaces).setups[0]!;
  for (let count = 0; !run.isOver && !run.isLost; count += 1) {
    const name = `${label}-${count}`;
    tally.sent.add(`plant ${name}`);
    const potting = {
      plantName: `plant ${name}`,
      pottedOn: '2026-11-25',
      planCase,
      spec,
      idempotencyKey: randomUUID(),
    };
    const potted = { method: 'POST', path: '/api/pottings', body: potting };
    if (await untilKept(address(), potted, tally, run)) tally.plants.add(potting.plantName);

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
