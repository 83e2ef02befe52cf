/** Makes a backup of everything that is kept, as of one moment, while others go on writing. */
import { existsSync } from 'node:fs';
import { IsolationLevel } from '@mikro-orm/core';
import { MikroORM } from '@mikro-orm/postgresql';
import { ormConfig } from '../database/config';
import { type Manifest, writeBackup } from './backup-file';
import { digestOf } from './digest';
import { type Cluster, dump, urlOf } from './tools';

interface SnapshotRow {
  readonly snapshot: string;
}
interface MigrationRow {
  readonly name: string;
}

/** @throws Error where the file is there already, or cannot be written. */
export async function makeBackup(cluster: Cluster, database: string, file: string): Promise<Manifest> {
  if (existsSync(file)) throw new Error(`${file}: is there already; a backup takes no other file's place`);
  const orm = await MikroORM.init(ormConfig(urlOf(cluster, database), []));
  try {
    return await orm.em.fork().transactional(
      (em) =>
        writeBackup(file, async (databaseFile) => {
          // The dump and the sums see the same moment.
          const [found] = await em.execute<SnapshotRow[]>('select pg_export_snapshot() as snapshot');
          await dump(cluster, database, found!.snapshot, databaseFile);
          const steps = await em.execute<MigrationRow[]>('select name from mikro_orm_migrations order by name');
          return { migrations: steps.map(({ name }) => name), tables: await digestOf(em) };
        }),
      { isolationLevel: IsolationLevel.REPEATABLE_READ },
    );
  } finally {
    await orm.close();
  }
}
