/** A long text as a file to keep, sent piece by piece while it is being made. */
const encoder = new TextEncoder();

/** Whoever stops fetching ends the making: the generator's own `finally` runs. */
export function textAnswer(pieces: AsyncGenerator<string>, type: string, fileName: string): Response {
  const body = new ReadableStream<Uint8Array>({
    async pull(controller) {
      const { done, value } = await pieces.next();
      if (done) controller.close();
      else controller.enqueue(encoder.encode(value));
    },
    async cancel() {
      await pieces.return(undefined);
    },
  });
  return new Response(body, {
    headers: {
      'content-type': `${type}; charset=utf-8`,
      'content-disposition': `attachment; filename="${fileName}"`,
    },
  });
}
