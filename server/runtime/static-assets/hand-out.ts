/** Hands out what the build made, packed as the browser likes it best. A built file never changes: its name would. */
import { readdirSync } from 'node:fs';
import type { IncomingMessage, ServerResponse } from 'node:http';
import { extname } from 'node:path';
import Negotiator from 'negotiator';
import send from 'send';
import { type Encoding, packings } from './packings';

const BUILT_PATH = '/_next/static/';
const YEAR_MS = 365 * 24 * 60 * 60 * 1000;

const mediaTypes: Readonly<Record<string, string>> = {
  '.css': 'text/css; charset=utf-8',
  '.js': 'text/javascript; charset=utf-8',
  '.json': 'application/json; charset=utf-8',
  '.svg': 'image/svg+xml',
  '.txt': 'text/plain; charset=utf-8',
};

const suffixOf = (encoding: Encoding): string => packings.find((packing) => packing.encoding === encoding)!.suffix;

/** The smallest packing that this browser takes of those there are; null where it takes none. */
function wanted(request: IncomingMessage, there: readonly Encoding[]): Encoding | null {
  const taken = new Negotiator(request).encodings([...there]);
  return there.find((encoding) => taken.includes(encoding)) ?? null;
}

/**
 * folder: of the built files, read once. Whether the request was for one of them, and is being answered; else
 * somebody else answers.
 */
export function handingOut(folder: string): (request: IncomingMessage, response: ServerResponse) => boolean {
  const files = new Set(readdirSync(folder, { recursive: true, encoding: 'utf8' }));
  return (request, response) => {
    const [path = ''] = (request.url ?? '').split('?', 1);
    if (!path.startsWith(BUILT_PATH)) return false;
    const name = path.slice(BUILT_PATH.length);
    const mediaType = mediaTypes[extname(name)];
    const there = packings.map(({ encoding }) => encoding).filter((encoding) => files.has(name + suffixOf(encoding)));
    if (mediaType === undefined || there.length === 0) return false;
    const encoding = wanted(request, there);
    response.setHeader('content-type', mediaType);
    response.setHeader('vary', 'Accept-Encoding');
    if (encoding) response.setHeader('content-encoding', encoding);
    const packed = encoding ? name + suffixOf(encoding) : name;
    send(request, packed, { root: folder, index: false, maxAge: YEAR_MS, immutable: true }).pipe(response);
    return true;
  };
}
