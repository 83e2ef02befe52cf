/**
 * Packs what the build made, once: each script and style lies beside itself as Brotli and as gzip. Packed at every request
 * it would cost the server a part of the time a browser waits, and would come out larger.
 */
import { readFileSync, writeFileSync } from 'node:fs';
import { readdir } from 'node:fs/promises';
import { join } from 'node:path';
import { promisify } from 'node:util';
import { brotliCompress, constants, gzip } from 'node:zlib';
import { packings } from './packings';

const packBrotli = promisify(brotliCompress);
const packGzip = promisify(gzip);

/** What is text; fonts and pictures are packed already. */
const PACKED_FILES = /\.(css|js|json|svg|txt)$/;
/** Below this the head of an answer is longer than what is saved, bytes. */
const LEAST_BYTES = 512;
/** The next step of eleven takes three times as long for two per cent. */
const BROTLI_QUALITY = 10;

const pack = {
  br: (bytes: Buffer): Promise<Buffer> =>
    packBrotli(bytes, {
      params: {
        [constants.BROTLI_PARAM_QUALITY]: BROTLI_QUALITY,
        [constants.BROTLI_PARAM_SIZE_HINT]: bytes.length,
        [constants.BROTLI_PARAM_MODE]: constants.BROTLI_MODE_TEXT,
      },
    }),
  gzip: (bytes: Buffer): Promise<Buffer> => packGzip(bytes, { level: constants.Z_BEST_COMPRESSION }),
} as const;

async function packFile(file: string): Promise<void> {
  const bytes = readFileSync(file);
  if (bytes.length < LEAST_BYTES) return;
  for (const { encoding, suffix } of packings) writeFileSync(`${file}${suffix}`, await pack[encoding](bytes));
}

/** folder: of the built files. Those of an earlier build are written anew. */
export async function packAssets(folder: string): Promise<void> {
  const names = await readdir(folder, { recursive: true });
  await Promise.all(names.filter((name) => PACKED_FILES.test(name)).map((name) => packFile(join(folder, name))));
}
