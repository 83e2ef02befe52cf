/** Backups: of one moment, whole or refused, and a restore loses nothing of what it replaces. */
import { execFileSync } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { MikroORM } from '@mikro-orm/postgresql';
import { bringUp } from '../../start/bring-up';
import { GrowersCollection } from '../../records/collections/entity';
import { quietConfig, testDatabaseUrl } from '../../testing/database';
import { makeBackup } from './backup';
import { DamagedError, readBackup, writeBackup } from './backup-file';
import { dueCopy, outdatedCopy } from './copies';
import { differingTables, digestOf, type Digest } from './digest';
import { putBack, restore } from './restore';
import { type Cluster, sql, urlOf } from './tools';

const folder = mkdtempSync(join(tmpdir(), 'cairn-backup-'));
afterAll(() => rmSync(folder, { recursive: true }));
const fileOf = (name: string) => join(folder, name);

describe('daily copies', () => {
  const at = (day: string) => new Date(`${day}T09:00:00Z`);

  test('one a day', () => {
    expect(dueCopy(['daily-2026-11-24.tar'], at('2026-11-25'))).toBe('daily-2026-11-25.tar');
    expect(dueCopy(['daily-2026-11-25.tar'], at('2026-11-25'))).toBeNull();
  });

  const days = (month: string, count: number) =>
    Array.from({ length: count }, (_, n) => `daily-${month}-${String(n + 1).padStart(2, '0')}.tar`);

  test('fourteen are kept, one goes at a time, and nothing else is touched', () => {
    expect(outdatedCopy([...days('2026-11', 14), 'mine.tar', 'daily.tar'], 'daily-2026-11-14.tar')).toBeNull();
    expect(outdatedCopy([...days('2026-11', 20), 'mine.tar'], 'daily-2026-11-20.tar')).toBe('daily-2026-11-01.tar');
  });

  test('a clock ten years ahead, or behind, takes no more than one, and never the one just made', () => {
    const before = days('2026-11', 14);
    expect(outdatedCopy([...before, 'daily-2036-11-15.tar'], 'daily-2036-11-15.tar')).toBe('daily-2026-11-01.tar');
    expect(outdatedCopy([...before, 'daily-2016-11-15.tar'], 'daily-2016-11-15.tar')).toBe('daily-2026-11-01.tar');
  });
});

describe('a backup file', () => {
  const write = (name: string) =>
    writeBackup(fileOf(name), (databaseFile) => {
      writeFileSync(databaseFile, 'rows '.repeat(4000));
      return Promise.resolve({ migrations: ['one'], tables: { plant: { rows: 3, sum: '7' } } });
    });
  const content = (name: string) =>
    readBackup(fileOf(name), (databaseFile, manifest) =>
      Promise.resolve([readFileSync(databaseFile, 'utf8').length, manifest.tables] as const),
    );

  test('holds what was put in, and leaves nothing else in the folder', async () => {
    await write('whole.tar');
    expect(await content('whole.tar')).toEqual([20_000, { plant: { rows: 3, sum: '7' } }]);
    expect(readdirSync(folder)).toEqual(['whole.tar']);
  });

  test('that cannot be made leaves nothing', async () => {
    const failing = writeBackup(fileOf('half.tar'), () => Promise.reject(new Error('no room')));
    await expect(failing).rejects.toThrow('no room');
    expect(readdirSync(folder)).not.toContain('half.tar');
    await expect(writeBackup('/nowhere/a.tar', () => Promise.reject(new Error()))).rejects.toThrow(
      '/nowhere: there is no such folder',
    );
  });

  test('is refused when it is cut, or any byte of its content is another', async () => {
    await write('good.tar');
    const good = readFileSync(fileOf('good.tar'));
    const at = (text: string) => good.indexOf(text);
    const changes: readonly (readonly [number, number])[] = [
      [at('rows '), 1],
      [at('rows ') + 19_999, 1],
      [at('"sha256"') + 13, 1],
      [at('Tender Cairn backup'), 32],
    ];
    for (const [place, by] of changes) {
      const bad = Buffer.from(good);
      bad[place] = (bad[place]! ^ by) & 0x7f;
      writeFileSync(fileOf('bad.tar'), bad);
      await expect(content('bad.tar')).rejects.toThrow(DamagedError);
    }
    writeFileSync(fileOf('bad.tar'), good.subarray(0, 12_000));
    await expect(content('bad.tar')).rejects.toThrow(DamagedError);
    await expect(content('missing.tar')).rejects.toThrow(/cannot be read/);
  });
});

describe('a database', () => {
  const { port, username: user, password } = new URL(testDatabaseUrl());
  const toolFolder = execFileSync('bash', ['-c', '. scripts/lib.sh; pg_bin'], { encoding: 'utf8' });
  const cluster: Cluster = { toolFolder, port, owner: { user, password }, app: { user, password } };
  const database = `backup_${randomUUID().replaceAll('-', '').slice(0, 12)}`;

  async function inside<T>(work: (orm: MikroORM) => Promise<T>): Promise<T> {
    const orm = await MikroORM.init(quietConfig(urlOf(cluster, database)));
    try {
      return await work(orm);
    } finally {
      await orm.close();
    }
  }
  const add = (name: string) =>
    inside(async (orm) => {
      const em = orm.em.fork();
      em.create(GrowersCollection, { id: randomUUID(), name, createdAt: new Date(), demoLoadedAt: null });
      await em.flush();
    });
  const digest = (): Promise<Digest> => inside((orm) => orm.em.fork().transactional(digestOf));
  const names = () =>
    inside(async (orm) => (await orm.em.fork().find(GrowersCollection, {})).map((row) => row.name).sort());

  beforeAll(async () => {
    await sql(cluster, `create database "${database}"`);
    await bringUp(urlOf(cluster, database));
    await add('Shelf with ünusual letters \u{1F33F}');
  });
  afterAll(async () => {
    const left = await sql(cluster, `select datname from pg_database where datname like '${database}%'`);
    for (const name of left.split('\n')) await sql(cluster, `drop database "${name}" with (force)`);
  });

  test('comes back with every row as it was, and what was there meanwhile can be put back', async () => {
    const before = await digest();
    const file = fileOf('database.tar');
    expect((await makeBackup(cluster, database, file)).tables).toEqual(before);
    await add('Written later');
    const later = await digest();
    expect(differingTables(before, later)).toEqual(['collection']);

    const restored = await restore(cluster, database, file, bringUp);
    expect(differingTables(await digest(), before)).toEqual([]);
    expect(await names()).not.toContain('Written later');

    await putBack(cluster, database, restored.before!);
    expect(differingTables(await digest(), later)).toEqual([]);
  }, 60_000);

  test('is not touched by a file that is not what it says', async () => {
    const file = fileOf('lying.tar');
    await makeBackup(cluster, database, fileOf('honest.tar'));
    await readBackup(fileOf('honest.tar'), (databaseFile, { migrations, tables }) =>
      writeBackup(file, (copy) => {
        writeFileSync(copy, readFileSync(databaseFile));
        return Promise.resolve({ migrations, tables: { ...tables, plant: { rows: 99, sum: '1' } } });
      }),
    );
    const newer = fileOf('newer.tar');
    await readBackup(fileOf('honest.tar'), (databaseFile, { tables }) =>
      writeBackup(newer, (copy) => {
        writeFileSync(copy, readFileSync(databaseFile));
        return Promise.resolve({ migrations: ['Migration29990101000000'], tables });
      }),
    );
    const before = await digest();
    await expect(restore(cluster, database, file, bringUp)).rejects.toThrow('rows are missing or changed in plant');
    await expect(restore(cluster, database, newer, bringUp)).rejects.toThrow(/newer version/);
    await expect(putBack(cluster, database, 'postgres')).rejects.toThrow(/nothing is kept under that name/);
    expect(differingTables(await digest(), before)).toEqual([]);
    const left = await sql(cluster, `select datname from pg_database where datname like '${database}_restoring%'`);
    expect(left).toBe('');
  }, 60_000);

  test('a backup takes no other file’s place', async () => {
    writeFileSync(fileOf('mine.tar'), 'mine');
    await expect(makeBackup(cluster, database, fileOf('mine.tar'))).rejects.toThrow(/is there already/);
    expect(readFileSync(fileOf('mine.tar'), 'utf8')).toBe('mine');
  });
});
