/** Backup and restore, as ./cairn and the supervisor call them: backup FILE, restore FILE, put-back NAME, daily FOLDER. */
import { mkdirSync } from 'node:fs';
import { join } from 'node:path';
import * as z from 'zod';
import { makeBackup } from '../runtime/backup/backup';
import { DamagedError, type Manifest } from '../runtime/backup/backup-file';
import { copiesFolder, dropOutdated, dueCopy, namesIn } from '../runtime/backup/copies';
import { putBack, restore } from '../runtime/backup/restore';
import { bringUp } from './bring-up';
import type { Cluster } from '../runtime/backup/tools';

const environment = z.object({
  PG_BIN: z.string(),
  PG_PORT: z.string(),
  PG_PASSWORD: z.string().default(''),
  APP_PASSWORD: z.string(),
});

function clusterIn(env: NodeJS.ProcessEnv): Cluster {
  const { PG_BIN, PG_PORT, PG_PASSWORD, APP_PASSWORD } = environment.parse(env);
  return {
    toolFolder: PG_BIN,
    port: PG_PORT,
    owner: { user: 'cairn', password: PG_PASSWORD },
    app: { user: 'tender', password: APP_PASSWORD },
  };
}

/** The application's database. */
const DATABASE = 'cairn';

const say = (line: string): void => void process.stdout.write(`${line}\n`);
const contentOf = ({ tables }: Manifest): string =>
  ['plant', 'event', 'place', 'own_item'].map((name) => `${tables[name]?.rows ?? 0} ${contentNames[name]}`).join(', ');
const contentNames: Readonly<Record<string, string>> = {
  plant: 'plants',
  event: 'log entries',
  place: 'places',
  own_item: 'own things',
};
const OWNER_ONLY = 0o700;

const commands: Readonly<Record<string, (cluster: Cluster, argument: string) => Promise<void>>> = {
  backup: async (cluster, file) => {
    say(`Kept in ${file}: ${contentOf(await makeBackup(cluster, DATABASE, file))}.`);
  },
  restore: async (cluster, file) => {
    const { manifest, before } = await restore(cluster, DATABASE, file, bringUp);
    say(`Restored as of ${manifest.madeAt}: ${contentOf(manifest)}.`);
    if (before !== null) {
      say(`What was here before is kept as ${before}. To have it back: ./cairn restore --put-back ${before}`);
    }
  },
  'put-back': async (cluster, name) => {
    const before = await putBack(cluster, DATABASE, name);
    say(`${name} is back. What was here until now is kept as ${before}.`);
  },
  daily: async (cluster, dataFolder) => {
    const folder = copiesFolder(dataFolder);
    mkdirSync(folder, { recursive: true, mode: OWNER_ONLY });
    const due = dueCopy(namesIn(folder), new Date());
    if (due === null) return;
    await makeBackup(cluster, DATABASE, join(folder, due));
    dropOutdated(folder, due);
  },
};

async function main([command = '', argument = '']: readonly string[]): Promise<void> {
  const obey = commands[command];
  if (!obey || argument === '') throw new Error('say backup FILE, restore FILE or restore --put-back NAME');
  await obey(clusterIn(process.env), argument);
}

main(process.argv.slice(2)).catch((error: unknown) => {
  const said = error instanceof Error ? error.message : String(error);
  const sentence = error instanceof DamagedError ? `This file cannot be restored: ${said}. Nothing was touched.` : said;
  process.stderr.write(`${sentence}\n`);
  process.exitCode = 2;
});
