/**
 * Puts a backup in the place of what is kept, whole or not at all. What was there stays beside it under
 * another name, and can be put back.
 */
import { IsolationLevel } from '@mikro-orm/core';
import { MikroORM } from '@mikro-orm/postgresql';
import { migrationNames, ormConfig } from '../database/config';
import { DamagedError, type Manifest, readBackup } from './backup-file';
import { differingTables, digestOf, type Digest } from './digest';
import { type Cluster, sql, ToolError, undump, urlOf } from './tools';

export interface Restored {
  readonly manifest: Manifest;
  /** Where what was replaced is kept; null where there was nothing. */
  readonly before: string | null;
}

/** Date and time to the millisecond, as part of a name. */
const stamp = (): string => new Date().toISOString().replace(/\D/g, '');

async function exists(cluster: Cluster, database: string): Promise<boolean> {
  return (await sql(cluster, `select 1 from pg_database where datname = '${database}'`)) === '1';
}

async function digestIn(cluster: Cluster, database: string): Promise<Digest> {
  const orm = await MikroORM.init(ormConfig(urlOf(cluster, database), []));
  try {
    return await orm.em.fork().transactional(digestOf, { isolationLevel: IsolationLevel.REPEATABLE_READ });
  } finally {
    await orm.close();
  }
}

function refuseNewer({ migrations }: Manifest): void {
  if (migrations.every((name) => migrationNames.includes(name))) return;
  throw new DamagedError('it was made by a newer version of this program; bring that one first');
}

const MOST_TRIES = 50;

/** Exchanges names in one step; who is connected is sent away, and comes back to the other one. */
async function takePlace(cluster: Cluster, database: string, newcomer: string, before: string | null): Promise<void> {
  const leave = `select pg_terminate_backend(pid) from pg_stat_activity where datname in ('${database}', '${newcomer}')`;
  const aside = before === null ? '' : `alter database "${database}" rename to "${before}";`;
  for (let tries = 1; ; tries += 1) {
    try {
      await sql(cluster, leave);
      await sql(cluster, `begin; ${aside} alter database "${newcomer}" rename to "${database}"; commit;`);
      return;
    } catch (error) {
      // Someone came in between: once more.
      if (!(error instanceof ToolError) || !/being accessed/.test(error.message) || tries === MOST_TRIES) throw error;
    }
  }
}

/** Brings a database to the tables of this program. */
export type BringUp = (databaseUrl: string) => Promise<unknown>;

/** @throws DamagedError before anything is touched, where the file is not what it should be. */
export async function restore(cluster: Cluster, database: string, file: string, bringUp: BringUp): Promise<Restored> {
  return readBackup(file, async (databaseFile, manifest) => {
    refuseNewer(manifest);
    const newcomer = `${database}_restoring_${stamp()}`;
    await sql(cluster, `create database "${newcomer}" owner "${cluster.app.user}"`);
    try {
      await undump(cluster, newcomer, databaseFile);
      const differing = differingTables(await digestIn(cluster, newcomer), manifest.tables);
      if (differing.length > 0) throw new DamagedError(`rows are missing or changed in ${differing.join(', ')}`);
      await bringUp(urlOf(cluster, newcomer));
      const before = (await exists(cluster, database)) ? `${database}_before_${stamp()}` : null;
      await takePlace(cluster, database, newcomer, before);
      return { manifest, before };
    } catch (error) {
      await sql(cluster, `drop database if exists "${newcomer}" with (force)`);
      throw error;
    }
  });
}

/** Puts back what a restore had replaced; what is there now takes its place beside. Says under which name. */
export async function putBack(cluster: Cluster, database: string, name: string): Promise<string> {
  const isOurs = name.startsWith(`${database}_before_`) && /^\w+$/.test(name);
  if (!isOurs || !(await exists(cluster, name))) throw new Error(`${name}: nothing is kept under that name`);
  const before = `${database}_before_${stamp()}`;
  await takePlace(cluster, database, name, before);
  return before;
}
