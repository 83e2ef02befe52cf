/**
 * Reads an archive piece by piece and adds what is not here yet, in one transaction: all of it or nothing. What is here already, by its
 * id, stays as it is here.
 */
import { randomUUID } from 'node:crypto';
import type { EntityManager, Knex } from '@mikro-orm/postgresql';
import { JSONParser } from '@streamparser/json';
import { GrowersCollection } from '../../records/collections/entity';
import { Intake } from '../../records/intakes/entity';
import { undoneSections } from '../../records/intakes/repository';
import { readEvent, SET_ASIDE, type SetAside } from '../../records/journal/read';
import type { Scope } from '../../records/collections/scope';
import { livesChanged } from '../../records/changes/lives';
import {
  ARCHIVE_FORMAT,
  ARCHIVE_VERSION,
  type ArchiveRead,
  type SectionName,
  sectionNames,
  sectionSchemas,
} from './schemas';
import { isBytes, sections, snake } from './sections';

/** What an archive cannot be read for; nothing of it is kept. */
export class ArchiveFault extends Error {}

class OnlyTried extends Error {}

const ROWS_AT_ONCE = 500;
const PICTURES_AT_ONCE = 4;
const PLANTS_AT_ONCE = 500;
/** A row with its pictures, and one without: longer ones nobody wrote. */
const LONGEST_ROW_BYTES = 16_000_000;
const LONGEST_PLAIN_ROW = 1_000_000;
/** Rows are written when they come to so much together. */
const TEXT_AT_ONCE = 2_000_000;

type Row = Readonly<Record<string, unknown>>;

interface Reading {
  readonly counts: Record<SectionName, { read: number; added: number }>;
  readonly addedPlantIds: string[];
  /** Plants whose life became longer. */
  readonly touchedPlantIds: Set<string>;
  /** What came beside plants, by its section. */
  readonly brought: Record<string, string[]>;
}

const isSection = (name: string): name is SectionName => (sectionNames as readonly string[]).includes(name);

const lengthOf = (name: SectionName, value: unknown): number =>
  name === 'photographs' ? 0 : JSON.stringify(value).length;

function checkedRow(name: SectionName, value: unknown, nth: number, length: number): Row {
  if (length > LONGEST_PLAIN_ROW) {
    throw new ArchiveFault(`${name}, row ${nth}: longer than ${LONGEST_PLAIN_ROW / 1e6} million letters.`);
  }
  const parsed = sectionSchemas[name].safeParse(value);
  if (parsed.success) return parsed.data as Row;
  const [issue] = parsed.error.issues;
  const where = issue?.path.join('.') ?? '';
  throw new ArchiveFault(`${name}, row ${nth}${where ? `, ${where}` : ''}: ${issue?.message ?? 'cannot be read'}.`);
}

/** An entry whose kind this program reads otherwise is kept as it came, and shown so; nothing is reckoned from it. */
function readableOrAside(row: Row): Row {
  const event = row as unknown as Parameters<typeof readEvent>[0] & { readonly dataVersion: number };
  if (readEvent(event).status !== 'unreadable') return row;
  const { kind, data, dataVersion } = event;
  return { ...row, kind: SET_ASIDE, data: { kind, data, dataVersion } satisfies SetAside, dataVersion: 1 };
}

/** Adds the rows that are not here; answers their ids. */
async function insert(
  em: EntityManager,
  scope: Scope,
  name: SectionName,
  rows: readonly Row[],
): Promise<readonly string[]> {
  const { table, columns, parent, hasCollection } = sections[name];
  const plain = rows.map((row) =>
    Object.fromEntries(Object.entries(row).map(([field, value]) => [snake(field), value])),
  );
  const names = columns.map((column) => `"${column}"`);
  // Bytes are no JSON: they are taken out of it apart.
  const values = columns.map((column) =>
    isBytes(column) ? `decode(sent.row->>'${column}', 'base64')` : `populated."${column}"`,
  );
  const collection = hasCollection
    ? { name: ['"collection_id"'], value: [`'${scope.collectionId}'::uuid`] }
    : { name: [], value: [] };
  const whose = parent
    ? `where exists (select 1 from ${parent.table} parent
        where parent.id = populated."${parent.column}" and parent.collection_id = '${scope.collectionId}'::uuid)`
    : '';
  const withoutBytes = columns.filter(isBytes).map((column) => ` - '${column}'`);
  // By the driver's own parameters: written into the statement, a long text would be gone through letter by letter.
  const { rows: added } = await em.getTransactionContext<Knex.Transaction>()!.raw<{ rows: { id: string }[] }>(
    `insert into ${table} (${[...names, ...collection.name].join(', ')})
      select ${[...values, ...collection.value].join(', ')}
      from jsonb_array_elements(?::jsonb) with ordinality as sent(row, nth)
      cross join lateral jsonb_populate_record(null::${table}, sent.row${withoutBytes.join('')}) as populated
      ${whose} order by sent.nth
      on conflict (id) do nothing returning id`,
    [JSON.stringify(plain)],
  );
  return added.map(({ id }) => id);
}

/** Every id of an archive that is here already lies in this collection; another's things are not touched. */
async function refuseForeign(em: EntityManager, scope: Scope, name: SectionName, rows: readonly Row[]): Promise<void> {
  const { table, hasCollection } = sections[name];
  if (!hasCollection) return;
  const ids = `{${rows.map(({ id }) => String(id)).join(',')}}`;
  const [foreign] = await em.execute<unknown[]>(
    `select 1 from ${table} where id = any(?::uuid[]) and collection_id <> ? limit 1`,
    [ids, scope.collectionId],
  );
  if (foreign) throw new ArchiveFault(`${name} hold things of another collection.`);
}

function begun(): Reading {
  const counts = Object.fromEntries(sectionNames.map((name) => [name, { read: 0, added: 0 }])) as Reading['counts'];
  return { counts, addedPlantIds: [], touchedPlantIds: new Set(), brought: {} };
}

async function keep(em: EntityManager, scope: Scope, reading: Reading, name: SectionName, rows: readonly Row[]) {
  if (rows.length === 0) return;
  await refuseForeign(em, scope, name, rows);
  const added = await insert(em, scope, name, name === 'events' ? rows.map(readableOrAside) : rows);
  reading.counts[name].read += rows.length;
  reading.counts[name].added += added.length;
  const isAdded = new Set(added);
  if (name === 'plants') reading.addedPlantIds.push(...added);
  else if (undoneSections.includes(name)) (reading.brought[name] ??= []).push(...added);
  if (name === 'events') {
    for (const { id, plantId } of rows) if (isAdded.has(String(id))) reading.touchedPlantIds.add(String(plantId));
  }
}

/** Takes the pieces of the file apart into the rows of its sections, a few at a time, in their order. */
async function* batchesIn(pieces: AsyncIterable<Uint8Array>): AsyncGenerator<{ name: SectionName; rows: Row[] }> {
  const parser = new JSONParser({ paths: ['$.*.*', '$.format', '$.version', '$.writtenAt'], keepStack: false });
  const found: { name: SectionName; row: Row; length: number }[] = [];
  const head: Record<string, unknown> = {};
  const nth = new Map<string, number>();
  let isWhole = false;
  parser.onValue = ({ value, key, stack }) => {
    const [, outer] = stack;
    if (stack.length === 1) {
      head[String(key)] = value;
      return;
    }
    const name = String(outer?.key);
    if (!isSection(name)) throw new ArchiveFault(`“${name}” is no section of an archive.`);
    const n = (nth.get(name) ?? 0) + 1;
    nth.set(name, n);
    const length = lengthOf(name, value);
    found.push({ name, row: checkedRow(name, value, n, length), length });
  };
  parser.onEnd = () => (isWhole = true);
  const isOfUs = () => head.format === ARCHIVE_FORMAT;

  let waiting: { name: SectionName; rows: Row[]; length: number } | null = null;
  let sinceRow = 0;
  for await (const piece of pieces) {
    sinceRow += piece.byteLength;
    if (sinceRow > LONGEST_ROW_BYTES) {
      throw new ArchiveFault(`A row is longer than ${LONGEST_ROW_BYTES / 1e6} MB.`);
    }
    try {
      parser.write(piece);
    } catch (error) {
      if (error instanceof ArchiveFault) throw error;
      throw new ArchiveFault('This is no JSON, or it is damaged.');
    }
    if (found.length > 0 && !isOfUs())
      throw new ArchiveFault(`This is no archive: its format is not “${ARCHIVE_FORMAT}”.`);
    if (found.length > 0 && head.version !== ARCHIVE_VERSION) {
      throw new ArchiveFault(`Its version is ${String(head.version)}; this program knows ${ARCHIVE_VERSION}.`);
    }
    if (found.length > 0) sinceRow = 0;
    for (const { name, row, length } of found.splice(0)) {
      if (waiting && waiting.name !== name) {
        yield waiting;
        waiting = null;
      }
      waiting ??= { name, rows: [], length: 0 };
      waiting.rows.push(row);
      waiting.length += length;
      const mostRows = name === 'photographs' ? PICTURES_AT_ONCE : ROWS_AT_ONCE;
      if (waiting.rows.length < mostRows && waiting.length < TEXT_AT_ONCE) continue;
      yield waiting;
      waiting = null;
    }
  }
  if (waiting) yield waiting;
  if (!isOfUs()) throw new ArchiveFault(`This is no archive: its format is not “${ARCHIVE_FORMAT}”.`);
  if (!isWhole) throw new ArchiveFault('The archive is cut off: its end is missing.');
}

export interface ArchiveTaken {
  /** Of the file, for whoever wonders later. */
  readonly name: string;
  /** Says what it would do, and keeps nothing. */
  readonly isTrial: boolean;
  readonly idempotencyKey: string;
  /** Whoever waits for it has left. */
  readonly isLeft?: () => boolean;
}

async function takeIn(
  em: EntityManager,
  scope: Scope,
  pieces: AsyncIterable<Uint8Array>,
  taken: ArchiveTaken,
): Promise<ArchiveRead> {
  const reading = begun();
  for await (const { name, rows } of batchesIn(pieces)) {
    if (taken.isLeft?.()) throw new ArchiveFault('Stopped. Nothing was kept.');
    await keep(em, scope, reading, name, rows);
  }
  const changed = [...new Set([...reading.addedPlantIds, ...reading.touchedPlantIds])];
  for (let from = 0; from < changed.length; from += PLANTS_AT_ONCE) {
    await livesChanged(em, changed.slice(from, from + PLANTS_AT_ONCE));
  }
  const isAny = reading.addedPlantIds.length + Object.values(reading.brought).flat().length > 0;
  const intakeId = isAny ? randomUUID() : null;
  if (intakeId !== null) {
    em.create(Intake, {
      id: intakeId,
      collection: em.getReference(GrowersCollection, scope.collectionId),
      kind: 'archive',
      name: taken.name,
      takenInAt: new Date(),
      plantIds: reading.addedPlantIds,
      brought: reading.brought,
      idempotencyKey: taken.idempotencyKey,
      undoneAt: null,
    });
    await em.flush();
  }
  return { sections: reading.counts, intakeId };
}

/** Throws ArchiveFault with a sentence for the grower. */
export async function readArchive(
  em: EntityManager,
  scope: Scope,
  pieces: AsyncIterable<Uint8Array>,
  taken: ArchiveTaken,
): Promise<ArchiveRead> {
  let tried: ArchiveRead | null = null;
  try {
    return await em.transactional(async (inside) => {
      const read = await takeIn(inside, scope, pieces, taken);
      if (!taken.isTrial) return read;
      tried = { ...read, intakeId: null };
      throw new OnlyTried();
    });
  } catch (error) {
    if (error instanceof OnlyTried && tried) return tried;
    throw error;
  }
}
