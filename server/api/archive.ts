/** The addresses of the archive: all of it out as one file, and in again. */
import { randomUUID } from 'node:crypto';
import type { FileHandle } from 'node:fs/promises';
import { textOf } from '@core';
import { parseWith } from '@core/words';
import { entityManager } from '../records/database';
import { MOST_ARCHIVE_BYTES } from '../runtime/http/limits';
import { wakeOutlooks } from '../projections/due/background';
import { serverDay } from '../runtime/http/day';
import { openSpool } from '../runtime/http/spool';
import { turns } from '../runtime/http/turns';
import { inScope, LONGEST_FILE_MS, retryLater } from './in-scope';
import { problem } from '../runtime/http/problem';
import { fileAnswer } from '../runtime/http/file-answer';
import { ArchiveFault, readArchive } from '../exchange/archive/read';
import { archiveText } from '../exchange/archive/write';

export async function getArchive(): Promise<Response> {
  return inScope(
    async ({ scope }) => {
      const em = await entityManager();
      return fileAnswer(archiveText(em, scope, new Date()), 'application/json', `tender-cairn-${serverDay()}.json`);
    },
    { longestMs: LONGEST_FILE_MS },
  );
}

class TooLong extends Error {}

/** Kept aside first, so that a slow database never holds the one who sends. */
async function keepAside(request: Request, file: FileHandle): Promise<void> {
  if (!request.body) return;
  let bytes = 0;
  for await (const piece of request.body as unknown as AsyncIterable<Uint8Array>) {
    bytes += piece.byteLength;
    if (bytes > MOST_ARCHIVE_BYTES) throw new TooLong();
    await file.write(piece);
  }
}

/** One is read at a time, and few wait. */
const reading = turns({ atOnce: 1, mostWaiting: 3 });

/** ?try=1 says what it would do, and keeps nothing. ?name= is the file's. */
export async function postArchive(request: Request): Promise<Response> {
  const asked = new URL(request.url).searchParams;
  const name = parseWith(textOf('name', 1, 200), asked.get('name') ?? 'archive');
  if (name.status === 'faulty') return problem(422, 'Some values cannot be used.', name.faults);
  const file = await openSpool();
  try {
    await keepAside(request, file);
    const answer = await reading.take(() =>
      inScope(
        async ({ em, scope }) => {
          try {
            const pieces = file.createReadStream({ start: 0, autoClose: false });
            const read = await readArchive(em, scope, pieces, {
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
        { longestMs: LONGEST_FILE_MS },
      ),
    );
    return answer ?? retryLater('Other archives are being read just now. Nothing was changed; try again in a moment.');
  } catch (error) {
    if (error instanceof TooLong) return problem(413, `The archive is longer than ${MOST_ARCHIVE_BYTES / 1e9} GB.`);
    throw error;
  } finally {
    await file.close();
  }
}
