/** Files aside that nobody finds and nothing leaves behind: their name is gone as soon as they are open. */
import { type FileHandle, mkdtemp, open, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

/** Empty, to write and read; its room is given back when it is closed, or its process ends however it ends. */
export async function openSpool(): Promise<FileHandle> {
  const folder = await mkdtemp(join(tmpdir(), 'tender-cairn-'));
  try {
    return await open(join(folder, 'spool'), 'w+', 0o600);
  } finally {
    await rm(folder, { recursive: true, force: true });
  }
}
