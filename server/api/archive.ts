/** The addresses of the archive: all of it out as one file, and in again. */
import { randomUUID } from 'node:crypto';
import { createReadStream, createWriteStream } from 'node:fs';
import { mkdtemp, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Readable, Transform } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import type { ReadableStream as WebStream } from 'node:stream/web';
import { textOf } from '@core';
import { parseWith } from '@core/words';
import { entityManager } from '../records/database';
import { MOST_ARCHIVE_BYTES } from '../runtime/http/limits';
import { wakeOutlooks } from '../projections/due/background';
import { serverDay } from '../runtime/http/day';
import { inScope } from './in-scope';
import { problem } from '../runtime/http/problem';
import { textAnswer } from '../runtime/http/text-answer';
import { homeScope } from '../records/collections/scope';
import { ArchiveFault, readArchive } from '../exchange/archive/read';
import { archiveText } from '../exchange/archive/write';

/** The largest collections are written into the database in some minutes. */
const LONGEST_MS = 15 * 60_000;

export async function getArchive(): Promise<Response> {
  // Of its own: it lives as long as the answer is being fetched.
  return inScope(async () => {
    const em = await entityManager();
    return textAnswer(archiveText(em, homeScope, new Date()), 'application/json', `tender-cairn-${serverDay()}.json`);
  });
}

class TooLong extends Error {}

/** Kept aside first, so that a slow database never holds the one who sends. */
async function spool(request: Request, path: string): Promise<void> {
  let bytes = 0;
  const counted = new Transform({
    transform(piece: Buffer, _encoding, done) {
      bytes += piece.byteLength;
      if (bytes > MOST_ARCHIVE_BYTES) done(new TooLong());
      else done(null, piece);
    },
  });
  const sent = request.body ? Readable.fromWeb(request.body as WebStream<Uint8Array>) : Readable.from([]);
  await pipeline(sent, counted, createWriteStream(path));
}

/** ?try=1 says what it would do, and keeps nothing. ?name= is the file's. */
export async function postArchive(request: Request): Promise<Response> {
  const asked = new URL(request.url).searchParams;
  const name = parseWith(textOf('name', 1, 200), asked.get('name') ?? 'archive');
  if (name.status === 'faulty') return problem(422, 'Some values cannot be used.', name.faults);
  const folder = await mkdtemp(join(tmpdir(), 'archive-'));
  const path = join(folder, 'archive.json');
  try {
    await spool(request, path);
    return await inScope(
      async ({ em, scope }) => {
        try {
          const read = await readArchive(em, scope, createReadStream(path), {
            name: name.value,
            isTrial: asked.get('try') === '1',
            idempotencyKey: randomUUID(),
            isLeft: () => request.signal.aborted,
          });
          wakeOutlooks();
          return Response.json(read);
        } catch (error) {
          if (error instanceof ArchiveFault) return problem(422, `${error.message} Nothing was kept.`);
          throw error;
        }
      },
      { longestMs: LONGEST_MS },
    );
  } catch (error) {
    if (error instanceof TooLong) return problem(413, `The archive is longer than ${MOST_ARCHIVE_BYTES / 1e9} GB.`);
    throw error;
  } finally {
    await rm(folder, { recursive: true, force: true });
  }
}
