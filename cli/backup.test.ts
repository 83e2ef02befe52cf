/** Backup and restore as a user calls them: into an empty folder, and all rows compared. */
import { execFileSync, spawnSync } from 'node:child_process';
import { chmodSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { makeBackup } from '../server/runtime/backup/backup';
import { testDatabaseUrl } from '../server/testing/database';

const root = join(__dirname, '..');
const folder = mkdtempSync(join(tmpdir(), 'cairn-empty-'));
// The database may run as a user of its own.
chmodSync(folder, 0o755);
afterAll(() => rmSync(folder, { recursive: true, force: true }));

function cairn(...args: readonly string[]) {
  const env = { ...process.env, CAIRN_DATA: join(folder, 'data') };
  const run = spawnSync(join(root, 'cairn'), args, { encoding: 'utf8', env });
  return { code: run.status, out: run.stdout, err: run.stderr };
}

const tablesIn = (file: string): unknown =>
  (JSON.parse(execFileSync('tar', ['-xOf', file, 'manifest.json'], { encoding: 'utf8' })) as { tables: unknown })
    .tables;

test('nothing is kept in an empty folder; a backup restored there is all there, and damage is refused', async () => {
  const [first, second] = [join(folder, 'first.tar'), join(folder, 'second.tar')];
  expect(cairn('backup', first)).toMatchObject({
    code: 2,
    err: expect.stringMatching(/nothing is kept here yet/) as string,
  });

  const { port, username: user, password, pathname } = new URL(testDatabaseUrl());
  const toolFolder = execFileSync('bash', ['-c', '. scripts/lib.sh; pg_bin'], { encoding: 'utf8', cwd: root });
  const role = { user, password };
  await makeBackup({ toolFolder, port, owner: role, app: role }, pathname.slice(1), first);

  expect(cairn('restore', first)).toMatchObject({ code: 0, out: expect.stringMatching(/^Restored as of /) as string });
  expect(cairn('backup', second).code).toBe(0);
  expect(tablesIn(second)).toEqual(tablesIn(first));

  const refused = cairn('restore', join(root, 'package.json'));
  expect(refused).toMatchObject({ code: 2, err: expect.stringMatching(/Nothing was touched\.\n$/) as string });
  expect(cairn('restore').code).toBe(2);
});
