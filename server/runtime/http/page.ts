/** Lists come in pages: so many, after the last one seen. */
import * as z from 'zod';

export const MOST_PER_PAGE = 200;
export const USUAL_PER_PAGE = 100;

export interface PageQuery {
  readonly limit: number;
  readonly after: string | null;
}

export const firstPage: PageQuery = { limit: USUAL_PER_PAGE, after: null };

const wishSchema = z.object({
  limit: z.coerce.number().int().min(1).max(MOST_PER_PAGE).catch(USUAL_PER_PAGE).default(USUAL_PER_PAGE),
  after: z.string().max(400).nullable().default(null),
});

/** "?limit=50&after=…" of an address; what cannot be read falls back to the first page of usual length. */
export function pageIn(asked: URLSearchParams): PageQuery {
  return wishSchema.parse({ limit: asked.get('limit') ?? undefined, after: asked.get('after') });
}

export const pageOf = (request: Request): PageQuery => pageIn(new URL(request.url).searchParams);

export interface Cursor {
  readonly name: string;
  readonly id: string;
}

/** NUL is in no name. */
const cursorSchema = z.object({ name: z.string().regex(/^[^\0]*$/), id: z.uuid() });

export function cursorOf({ name, id }: Cursor): string {
  return Buffer.from(JSON.stringify({ name, id })).toString('base64url');
}

/** null for none, and for one that was not made here. */
export function readCursor(text: string | null): Cursor | null {
  if (text === null) return null;
  try {
    const parsed = cursorSchema.safeParse(JSON.parse(Buffer.from(text, 'base64url').toString('utf8')));
    return parsed.success ? parsed.data : null;
  } catch (error) {
    if (error instanceof SyntaxError) return null;
    throw error;
  }
}
