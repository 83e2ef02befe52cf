/** One connection pool for the whole server process. */
import { MikroORM, type EntityManager } from '@mikro-orm/postgresql';
import { databaseUrl, ormConfig } from './config';

declare global {
  // Survives reloads of modules in development.
  var tenderCairnOrm: Promise<MikroORM> | undefined;
}

export async function entityManager(): Promise<EntityManager> {
  globalThis.tenderCairnOrm ??= MikroORM.init(ormConfig(databaseUrl()));
  const orm = await globalThis.tenderCairnOrm;
  return orm.em.fork();
}
