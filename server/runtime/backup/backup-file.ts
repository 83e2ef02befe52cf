/** A backup: a tar of a manifest, which says what is in it, and the database. Damage is found before anything is touched. */
import { createHash } from 'node:crypto';
import { createReadStream, existsSync } from 'node:fs';
import { chmod, mkdtemp, readFile, rename, rm, stat, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { basename, dirname, join } from 'node:path';
import { pipeline } from 'node:stream/promises';
import * as z from 'zod';
import { tableDigestSchema } from './digest';
import { pack, ToolError, unpack } from './tools';

const manifestSchema = z.object({
  what: z.literal('Tender Cairn backup'),
  version: z.literal(1),
  madeAt: z.iso.datetime(),
  /** Of the part with the database. */
  sha256: z.string().regex(/^[0-9a-f]{64}$/),
  bytes: z.int().min(1),
  /** The steps by which its tables were made: a program that lacks one is too old for it. */
  migrations: z.array(z.string()),
  tables: z.record(z.string(), tableDigestSchema),
});
export type Manifest = z.infer<typeof manifestSchema>;

const MANIFEST = 'manifest.json';
const DATABASE = 'database.dump';
const OWNER_ONLY = 0o600;

/** The file is no backup, or it is damaged: said before anything is touched. */
export class DamagedError extends Error {}

async function sha256Of(file: string): Promise<string> {
  const hash = createHash('sha256');
  await pipeline(createReadStream(file), hash);
  return hash.digest('hex');
}

async function inFolder<T>(parent: string, work: (folder: string) => Promise<T>): Promise<T> {
  const folder = await mkdtemp(join(parent, '.tender-cairn-'));
  try {
    return await work(folder);
  } finally {
    await rm(folder, { recursive: true, force: true });
  }
}

/**
 * Writes a backup. write: puts the database into the file it is given, and says what is in it. The file
 * appears when it is whole, and takes no other's place.
 */
export async function writeBackup(
  file: string,
  write: (databaseFile: string) => Promise<Pick<Manifest, 'migrations' | 'tables'>>,
): Promise<Manifest> {
  if (!existsSync(dirname(file))) throw new Error(`${dirname(file)}: there is no such folder`);
  return inFolder(dirname(file), async (folder) => {
    const databaseFile = join(folder, DATABASE);
    const content = await write(databaseFile);
    const manifest: Manifest = {
      what: 'Tender Cairn backup',
      version: 1,
      madeAt: new Date().toISOString(),
      sha256: await sha256Of(databaseFile),
      bytes: (await stat(databaseFile)).size,
      ...content,
    };
    await writeFile(join(folder, MANIFEST), `${JSON.stringify(manifest, null, 2)}\n`);
    const whole = join(folder, basename(file));
    await pack(folder, [MANIFEST, DATABASE], whole);
    await chmod(whole, OWNER_ONLY);
    await rename(whole, file);
    return manifest;
  });
}

async function manifestIn(folder: string): Promise<Manifest> {
  try {
    return manifestSchema.parse(JSON.parse(await readFile(join(folder, MANIFEST), 'utf8')));
  } catch {
    throw new DamagedError('its manifest cannot be read');
  }
}

/** Opens a backup that is whole. @throws DamagedError */
export async function readBackup<T>(
  file: string,
  work: (databaseFile: string, manifest: Manifest) => Promise<T>,
): Promise<T> {
  if (!existsSync(file)) throw new Error(`${file}: cannot be read`);
  return inFolder(tmpdir(), async (folder) => {
    try {
      await unpack(file, folder, [MANIFEST, DATABASE]);
    } catch (error) {
      throw error instanceof ToolError ? new DamagedError('it is no backup of this program, or not whole') : error;
    }
    const manifest = await manifestIn(folder);
    const databaseFile = join(folder, DATABASE);
    const isSame =
      (await stat(databaseFile)).size === manifest.bytes && (await sha256Of(databaseFile)) === manifest.sha256;
    if (!isSame) throw new DamagedError('the checksum of its database does not agree');
    return work(databaseFile, manifest);
  });
}
