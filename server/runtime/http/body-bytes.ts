/** The body of a request as it was sent, read to a limit. */

/** null where it is longer than the limit. No more than that is ever held. */
export async function readBytes(request: Request, mostBytes: number): Promise<Buffer | null> {
  if (!request.body) return Buffer.alloc(0);
  const reader = request.body.getReader();
  const pieces: Uint8Array[] = [];
  let bytes = 0;
  for (;;) {
    const { done, value } = await reader.read();
    if (done) return Buffer.concat(pieces);
    bytes += value.byteLength;
    if (bytes > mostBytes) {
      await reader.cancel();
      return null;
    }
    pieces.push(value);
  }
}
