/** Requests and what comes back: a problem+json becomes an error with a sentence. */
import { z } from 'zod';

const problemSchema = z.looseObject({
  title: z.string(),
  faults: z.array(z.object({ path: z.string(), message: z.string() })).default([]),
});

/** The server could not be reached, or cannot reach its database: what became of a change is not known. */
export class UnreachableError extends Error {}

/** Someone else was faster: what is kept now. Nothing was overwritten. */
export class ConflictError extends Error {
  constructor(
    message: string,
    readonly current: unknown,
  ) {
    super(message);
  }
}

const SERVICE_AWAY = 503;
const CONFLICT = 409;
/** Longer than the server ever takes. */
const LONGEST_WAIT_MS = 30_000;

async function refusal(response: Response): Promise<Error> {
  const parsed = problemSchema.safeParse(await response.json().catch(() => null));
  if (!parsed.success) return new Error(`The server answered ${response.status}. Nothing was changed; try again.`);
  const faults = parsed.data.faults.map((fault) => fault.message);
  const said = faults.length > 0 ? faults.join('; ') : parsed.data.title;
  if (response.status === SERVICE_AWAY) return new UnreachableError(said);
  return response.status === CONFLICT ? new ConflictError(said, parsed.data.current) : new Error(said);
}

export interface Sent {
  readonly body?: unknown;
  readonly headers?: Readonly<Record<string, string>>;
}

export async function call(method: string, path: string, { body, headers = {} }: Sent = {}): Promise<Response> {
  const all = new Headers(headers);
  // Every change says it is JSON, with a body or without: the server takes no other.
  if (method !== 'GET') all.set('content-type', 'application/json');
  let response: Response;
  try {
    response = await fetch(path, {
      method,
      headers: all,
      body: body === undefined ? null : JSON.stringify(body),
      signal: AbortSignal.timeout(LONGEST_WAIT_MS),
    });
  } catch {
    throw new UnreachableError('The server cannot be reached.');
  }
  if (!response.ok) throw await refusal(response);
  return response;
}
