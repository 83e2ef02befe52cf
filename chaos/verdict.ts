/** Afterwards: is every acknowledged write there, once, whole, and nothing that nobody sent? */
import { PLANTS_OF_A_LIST, TAGS_AT_FIRST, tagsOf, type Tally } from './writers';

interface Found {
  readonly plants: readonly { readonly id: string; readonly name: string }[];
  readonly places: readonly { readonly id: string; readonly name: string }[];
  readonly versions: Readonly<Record<string, number>>;
  readonly unreadable: number;
  readonly entriesOf: ReadonlyMap<string, number>;
  /** Waterings by the name of their plant. */
  readonly wateredOf: ReadonlyMap<string, number>;
  /** Tags left in each writer's stock, by the name of the thing. */
  readonly tags: ReadonlyMap<string, number>;
  /** Pottings on potting days, by the name of the plant. */
  readonly ofDays: ReadonlyMap<string, number>;
  /** Batches of two plants of which only one has it. */
  readonly halfBatches: number;
}

async function json<T>(url: string): Promise<T> {
  const answer = await fetch(url);
  if (!answer.ok) throw new Error(`${url} answered ${answer.status}`);
  return (await answer.json()) as T;
}

async function everyPage<T>(url: string): Promise<readonly T[]> {
  const pages: T[] = [];
  let after: string | null = null;
  do {
    const more: string = after === null ? '' : `&after=${encodeURIComponent(after)}`;
    const page: T & { next: string | null } = await json(`${url}?limit=200${more}`);
    pages.push(page);
    after = page.next;
  } while (after !== null);
  return pages;
}

/** Of the writers, not of the demo. */
const isWritten = (name: string): boolean => name.startsWith('plant w');
const isListed = (name: string): boolean => name.startsWith('list w');

interface StockThing {
  readonly amount: number;
  readonly data: { readonly thing: { readonly ownName?: string } };
}

interface Log {
  readonly pottings: readonly { readonly recipe: readonly unknown[] }[];
  readonly care: readonly { readonly batchId: string }[];
  readonly unreadable: readonly unknown[];
}

interface DayKept {
  readonly entries: readonly { readonly kind: string; readonly data: { readonly plantId?: string } }[];
}

/** Pottings on potting days by the id of the plant. */
async function pottedOnDays(address: string): Promise<ReadonlyMap<string, number>> {
  const { days } = await json<{ days: readonly { readonly id: string }[] }>(`${address}/api/days`);
  const counts = new Map<string, number>();
  for (const { id } of days) {
    const { entries } = await json<DayKept>(`${address}/api/days/${id}`);
    for (const { kind, data } of entries)
      if (kind === 'potted') counts.set(data.plantId!, (counts.get(data.plantId!) ?? 0) + 1);
  }
  return counts;
}

export async function whatIsKept(address: string): Promise<Found> {
  const plantPages = await everyPage<Pick<Found, 'plants'>>(`${address}/api/plants`);
  const placePages = await everyPage<{
    places: Found['places'];
    versions: Record<string, number>;
    unreadable: unknown[];
  }>(`${address}/api/places`);
  const plants = plantPages.flatMap((page) => page.plants);
  const entriesOf = new Map<string, number>();
  const wateredOf = new Map<string, number>();
  const batches = new Map<string, number>();
  let unreadable = placePages.flatMap((page) => page.unreadable).length;
  const { items } = await json<{ items: readonly StockThing[] }>(`${address}/api/stock`);
  const tags = new Map(items.map(({ amount, data: { thing } }) => [thing.ownName ?? '', amount]));
  const onDays = await pottedOnDays(address);
  for (const { id, name } of plants) {
    // Of forty alike one says as much as all.
    if (isListed(name)) continue;
    const log = await json<Log>(`${address}/api/plants/${id}`);
    unreadable += log.unreadable.length;
    if (!isWritten(name)) continue;
    wateredOf.set(name, (wateredOf.get(name) ?? 0) + log.care.length);
    for (const { batchId } of log.care) batches.set(batchId, (batches.get(batchId) ?? 0) + 1);
    entriesOf.set(name, (entriesOf.get(name) ?? 0) + log.pottings.filter(({ recipe }) => recipe.length > 0).length);
  }
  return {
    plants,
    places: placePages.flatMap((page) => page.places),
    versions: Object.assign({}, ...placePages.map((page) => page.versions)) as Record<string, number>,
    unreadable,
    entriesOf,
    wateredOf,
    tags,
    ofDays: new Map(plants.flatMap(({ id, name }) => (onDays.has(id) ? [[name, onDays.get(id)!] as const] : []))),
    halfBatches: [...batches.values()].filter((count) => count !== 2).length,
  };
}

/** What is wrong; empty where nothing is. */
export function faultsIn(tally: Tally, found: Found): readonly string[] {
  const faults: string[] = [...tally.unexpected];
  const times = (name: string, among: readonly { readonly name: string }[]) =>
    among.filter((one) => one.name === name).length;
  for (const name of tally.plants) {
    const count = times(name, found.plants);
    if (count !== 1) faults.push(`${name}: acknowledged, and kept ${count} times`);
    const entries = 1 + (found.ofDays.get(name) ?? 0);
    if (found.entriesOf.get(name) !== entries)
      faults.push(`${name}: ${found.entriesOf.get(name) ?? 0} whole log entries, should be ${entries}`);
  }
  for (const name of tally.ofDays)
    if (found.ofDays.get(name) !== 1) faults.push(`${name}: potted ${found.ofDays.get(name) ?? 0} times on its day`);
  const changedNames = new Map([...tally.changed].map(([id, change]) => [id, change]));
  for (const [id, { name, version }] of changedNames) {
    if (found.places.find((place) => place.id === id)?.name !== name) faults.push(`${name}: a change that was lost`);
    if (found.versions[id] !== version) faults.push(`${name}: version ${found.versions[id]}, should be ${version}`);
  }
  for (const name of tally.places) {
    const count = times(name, found.places) + times(name.replace('place ', 'changed '), found.places);
    if (count !== 1) faults.push(`${name}: acknowledged, and kept ${count} times`);
  }
  for (const [name, count] of tally.watered) {
    const kept = found.wateredOf.get(name) ?? 0;
    if (kept !== count) faults.push(`${name}: ${count} waterings acknowledged, ${kept} kept`);
  }
  if (found.halfBatches > 0) faults.push(`${found.halfBatches} waterings of two plants kept of one alone`);
  for (const name of new Set(found.plants.map((plant) => plant.name).filter(isListed))) {
    const count = times(name, found.plants);
    if (count !== PLANTS_OF_A_LIST) faults.push(`${name}: ${count} plants of a list of ${PLANTS_OF_A_LIST}`);
    if (!tally.sent.has(name)) faults.push(`${name}: nobody sent it`);
  }
  for (const name of tally.lists) if (times(name, found.plants) === 0) faults.push(`${name}: acknowledged, and lost`);
  for (const label of new Set([...tally.plants].map((name) => /^plant (w\d+)-/.exec(name)![1]!))) {
    const potted = found.plants.filter(({ name }) => name.startsWith(`plant ${label}-`)).length;
    const onDays = [...found.ofDays].filter(([name]) => name.startsWith(`plant ${label}-`));
    const taken = potted + onDays.reduce((sum, [, count]) => sum + count, 0);
    const left = found.tags.get(tagsOf(label));
    if (left !== TAGS_AT_FIRST - taken) faults.push(`${tagsOf(label)}: ${left} left after ${taken} pottings`);
  }
  const stray = found.plants.filter(({ name }) => isWritten(name) && !tally.sent.has(name));
  for (const { name } of stray) faults.push(`${name}: nobody sent it`);
  if (found.unreadable > 0) faults.push(`${found.unreadable} records that cannot be read`);
  return faults;
}
