/** Writes the whole collection as one JSON document, piece by piece, as it was at one moment. */
import { IsolationLevel } from '@mikro-orm/core';
import type { EntityManager } from '@mikro-orm/postgresql';
import type { Scope } from '../../records/collections/scope';
import { SET_ASIDE, type SetAside } from '../../records/journal/read';
import { ARCHIVE_FORMAT, ARCHIVE_VERSION, type SectionName, sectionNames } from './schemas';
import { camel, isBytes, type Section, sections } from './sections';

/** So many rows are held at a time; of pictures fewer. */
const ROWS_AT_ONCE = 500;
const PICTURES_AT_ONCE = 8;

function selectOf({ table, columns, parent, hasCollection, orderBy }: Section): string {
  const shown = columns.map((column) =>
    isBytes(column) ? `replace(encode(${column}, 'base64'), chr(10), '') as ${column}` : column,
  );
  const whose = hasCollection
    ? 'collection_id = ?'
    : `${parent!.column} in (select id from ${parent!.table} where collection_id = ?)`;
  return `select to_jsonb(row)::text as text from (select ${shown.join(', ')} from ${table} where ${whose} order by ${orderBy}) row`;
}

function withCamelNames(text: string): string {
  const row = JSON.parse(text) as Readonly<Record<string, unknown>>;
  const named = Object.fromEntries(Object.entries(row).map(([name, value]) => [camel(name), value]));
  // What was set aside goes out as it came.
  return JSON.stringify(named.kind === SET_ASIDE ? { ...named, ...(named.data as SetAside) } : named);
}

async function* rowsOf(em: EntityManager, scope: Scope, name: SectionName): AsyncGenerator<string> {
  const atOnce = name === 'photographs' ? PICTURES_AT_ONCE : ROWS_AT_ONCE;
  await em.execute(`declare archive_rows no scroll cursor for ${selectOf(sections[name])}`, [scope.collectionId]);
  let isFirst = true;
  for (;;) {
    const rows = await em.execute<{ text: string }[]>(`fetch ${atOnce} from archive_rows`);
    if (rows.length === 0) break;
    yield `${isFirst ? '' : ','}\n${rows.map(({ text }) => withCamelNames(text)).join(',\n')}`;
    isFirst = false;
  }
  await em.execute('close archive_rows');
}

/** em: of its own, since it holds a transaction until the last piece is taken. */
export async function* archiveText(em: EntityManager, scope: Scope, writtenAt: Date): AsyncGenerator<string> {
  await em.begin({ isolationLevel: IsolationLevel.REPEATABLE_READ, readOnly: true });
  try {
    await em.execute(`set local time zone 'UTC'`);
    const head = { format: ARCHIVE_FORMAT, version: ARCHIVE_VERSION, writtenAt: writtenAt.toISOString() };
    yield JSON.stringify(head).slice(0, -1);
    for (const name of sectionNames) {
      yield `,\n"${name}": [`;
      yield* rowsOf(em, scope, name);
      yield ']';
    }
    yield '}\n';
    await em.commit();
  } catch (error) {
    await em.rollback();
    throw error;
  } finally {
    // Whoever stopped taking pieces leaves the transaction open.
    if (em.isInTransaction()) await em.rollback();
  }
}
