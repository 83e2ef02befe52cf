/** Brings a database to the current tables and makes the one collection. */
import { MikroORM } from '@mikro-orm/postgresql';
import { ensureCollection } from '../records/collections/repository';
import { homeScope } from '../records/collections/scope';
import { fillPlantState } from '../projections/plant-state/refresh';
import { ormConfig } from '../runtime/database/config';
import { entities } from '../records/entities';

/** Says how many steps were taken; what each does is none of the reader's concern. */
export async function bringUp(databaseUrl: string): Promise<number> {
  const orm = await MikroORM.init({ ...ormConfig(databaseUrl, entities), logger: () => undefined });
  try {
    const applied = await orm.getMigrator().up();
    await ensureCollection(orm.em.fork(), homeScope);
    await fillPlantState(orm.em.fork());
    return applied.length;
  } finally {
    await orm.close();
  }
}
