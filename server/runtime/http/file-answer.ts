/** A long text as a file to keep. It is made whole first, aside: whoever fetches it slowly, or not at all, holds no database. */
import { Readable } from 'node:stream';
import type { ReadableStream as WebStream } from 'node:stream/web';
import { problem } from './problem';
import { openSpool } from './spool';
import { turns } from './turns';

const making = turns({ atOnce: 2, mostWaiting: 6 });
const RETRY_AFTER_S = 10;

/** Whoever cannot be answered now is told so; a fault in making it is thrown. */
export async function fileAnswer(pieces: AsyncGenerator<string>, type: string, fileName: string): Promise<Response> {
  const spool = await making.take(async () => {
    const file = await openSpool();
    try {
      for await (const piece of pieces) await file.write(piece);
      return file;
    } catch (error) {
      await file.close();
      throw error;
    }
  });
  if (spool === null) {
    await pieces.return(undefined);
    const refusal = problem(503, 'Too many files are being made already. Try again in a moment.');
    refusal.headers.set('retry-after', String(RETRY_AFTER_S));
    return refusal;
  }
  const { size } = await spool.stat();
  const body = Readable.toWeb(spool.createReadStream({ start: 0 })) as WebStream<Uint8Array>;
  return new Response(body as unknown as ReadableStream<Uint8Array>, {
    headers: {
      'content-type': `${type}; charset=utf-8`,
      'content-length': String(size),
      'content-disposition': `attachment; filename="${fileName}"`,
    },
  });
}
