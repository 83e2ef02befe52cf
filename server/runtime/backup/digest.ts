/** What is in a database: for each table how many rows, and a sum over all of them that any change changes. */
import type { EntityManager } from '@mikro-orm/postgresql';
import * as z from 'zod';

export const tableDigestSchema = z.object({ rows: z.int().min(0), sum: z.string() });
export type TableDigest = z.infer<typeof tableDigestSchema>;
export type Digest = Readonly<Record<string, TableDigest>>;

interface TableRow {
  readonly name: string;
}
interface SumRow {
  readonly rows: string;
  readonly sum: string;
}

const tables = `select table_name as name from information_schema.tables
  where table_schema = 'public' and table_type = 'BASE TABLE' order by table_name`;

/** 60 bits of each row's MD5, added up: the order of rows is none of a table's matter. */
const sumOf = (table: string) => `select count(*)::text as rows,
  coalesce(sum(('x' || left(md5(t::text), 15))::bit(60)::bigint::numeric), 0)::text as sum
  from "${table.replaceAll('"', '""')}" t`;

/** Inside a transaction that sees one moment. */
export async function digestOf(em: EntityManager): Promise<Digest> {
  // Times are written out in one zone, wherever the server stands.
  await em.execute("set local timezone to 'UTC'");
  const digest: Record<string, TableDigest> = {};
  for (const { name } of await em.execute<TableRow[]>(tables)) {
    const [found] = await em.execute<SumRow[]>(sumOf(name));
    digest[name] = { rows: Number(found!.rows), sum: found!.sum };
  }
  return digest;
}

/** Names of tables in which two databases differ. */
export function differingTables(one: Digest, other: Digest): readonly string[] {
  const names = new Set([...Object.keys(one), ...Object.keys(other)]);
  return [...names].filter((name) => one[name]?.rows !== other[name]?.rows || one[name]?.sum !== other[name]?.sum);
}
