/** Brings the database to the current tables and makes the one collection. Run before the server. */
import { MikroORM } from '@mikro-orm/postgresql';
import { ensureCollection } from '../collections/repository';
import { homeScope } from '../scope';
import { databaseUrl, ormConfig } from './config';

async function main(): Promise<void> {
  const orm = await MikroORM.init(ormConfig(databaseUrl()));
  try {
    const applied = await orm.getMigrator().up();
    await ensureCollection(orm.em.fork(), homeScope);
    process.stdout.write(`migrations applied: ${applied.length}\n`);
  } finally {
    await orm.close();
  }
}

main().catch((error: unknown) => {
  process.stderr.write(`migration failed: ${error instanceof Error ? error.message : String(error)}\n`);
  process.exitCode = 1;
});
