/**
 * What ./start opens for a browser that has not chosen: told by its flag, else it asks as long as nothing was ever written down
 * here. Prints home, example or unchosen.
 */
import { MikroORM } from '@mikro-orm/postgresql';
import { isUntouched } from '../records/collections/repository';
import { homeScope } from '../records/collections/scope';
import { entities } from '../records/entities';
import { databaseUrl, ormConfig } from '../runtime/database/config';
import type { AskedCollection } from '../runtime/gateway/asked-collection';

const told: Readonly<Record<string, AskedCollection>> = { empty: 'home', example: 'example' };

async function main(flag: string): Promise<void> {
  const orm = await MikroORM.init({ ...ormConfig(databaseUrl(), entities), logger: () => undefined });
  try {
    const opens = told[flag] ?? ((await isUntouched(orm.em.fork(), homeScope)) ? 'unchosen' : 'home');
    process.stdout.write(opens);
  } finally {
    await orm.close();
  }
}

main(process.argv[2] ?? '').catch((error: unknown) => {
  process.stderr.write(`${error instanceof Error ? error.message : String(error)}\n`);
  process.exitCode = 1;
});
