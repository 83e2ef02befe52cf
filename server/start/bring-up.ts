/** Brings a database to the current tables and makes the one collection. */
import { MikroORM } from '@mikro-orm/postgresql';
import { ensureCollection } from '../records/collections/repository';
import { homeScope } from '../records/collections/scope';
import { fillPlantState } from '../projections/plant-state/refresh';
import { migrationNames, ormConfig } from '../runtime/database/config';
import { entities } from '../records/entities';

/** What is kept was last used by a newer program: this one would not understand it. Nothing was touched. */
export class NewerDatabaseError extends Error {
  constructor(steps: readonly string[]) {
    super(
      `what is kept here was written by a newer version of this program (${steps.join(', ')}). ` +
        'Start it with that version, or restore a backup made with this one. Nothing was changed.',
    );
  }
}

/** Says how many steps were taken; what each does is none of the reader's concern. */
export async function bringUp(databaseUrl: string): Promise<number> {
  const orm = await MikroORM.init({ ...ormConfig(databaseUrl, entities), logger: () => undefined });
  try {
    const known = new Set(migrationNames);
    const taken = await orm.getMigrator().getExecutedMigrations();
    const newer = taken.map(({ name }) => name).filter((name) => !known.has(name));
    if (newer.length > 0) throw new NewerDatabaseError(newer);
    const applied = await orm.getMigrator().up();
    await ensureCollection(orm.em.fork(), homeScope);
    await fillPlantState(orm.em.fork());
    return applied.length;
  } finally {
    await orm.close();
  }
}
