/** Requests and what comes back: a problem+json becomes an error with a sentence. */
import { serverAnswered } from '@core/words';
import { openedCollection } from './collection';
import * as z from 'zod';

const problemSchema = z.looseObject({
  title: z.string(),
  faults: z.array(z.object({ path: z.string(), message: z.string() })).default([]),
});

/** The server could not be reached, or cannot reach its database: what became of a change is not known. */
export class UnreachableError extends Error {}

/** The server failed over it: what became of a change is not known, and it may go better the next time. */
export class FailedError extends Error {}

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
const FIRST_FAILURE = 500;
/** Longer than the server ever takes. */
const LONGEST_WAIT_MS = 60_000;

/** An answer that has come whole. */
interface Answer {
  readonly status: number;
  readonly isOk: boolean;
  readonly text: string;
}

function jsonOf({ text }: Answer): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return null;
  }
}

function refusal(answer: Answer): Error {
  const parsed = problemSchema.safeParse(jsonOf(answer));
  const failed = answer.status >= FIRST_FAILURE && answer.status !== SERVICE_AWAY;
  if (!parsed.success) {
    const said = serverAnswered(answer.status);
    if (answer.status === SERVICE_AWAY) return new UnreachableError(said);
    return failed ? new FailedError(said) : new Error(said);
  }
  const faults = parsed.data.faults.map((fault) => fault.message);
  const said = faults.length > 0 ? faults.join('; ') : parsed.data.title;
  if (answer.status === SERVICE_AWAY) return new UnreachableError(said);
  if (failed) return new FailedError(said);
  return answer.status === CONFLICT ? new ConflictError(said, parsed.data.current) : new Error(said);
}

/** What a refused request says, as an error with a sentence. */
export const refusalOf = (status: number, text: string): Error => refusal({ status, isOk: false, text });

export interface Sent {
  readonly body?: unknown;
  readonly headers?: Readonly<Record<string, string>>;
}

async function answerTo(path: string, init: RequestInit): Promise<Answer> {
  try {
    const response = await fetch(path, { ...init, signal: AbortSignal.timeout(LONGEST_WAIT_MS) });
    // An answer cut off on its way (a page that is left, a server that ends) is none: what became of the
    // request is not known.
    return { status: response.status, isOk: response.ok, text: await response.text() };
  } catch {
    throw new UnreachableError('The server cannot be reached.');
  }
}

/** Sends a file as what it says it is. */
export async function sendFile(path: string, file: Blob): Promise<void> {
  const answer = await answerTo(path, {
    method: 'PUT',
    headers: { 'content-type': file.type, 'x-collection': openedCollection() },
    body: file,
  });
  if (!answer.isOk) throw refusal(answer);
}

/** The answer's JSON; null where it is empty or none. */
export async function call(method: string, path: string, { body, headers = {} }: Sent = {}): Promise<unknown> {
  const all = new Headers({ 'x-collection': openedCollection(), ...headers });
  // Every change says it is JSON, with a body or without: the server takes no other.
  if (method !== 'GET') all.set('content-type', 'application/json');
  const answer = await answerTo(path, { method, headers: all, body: body === undefined ? null : JSON.stringify(body) });
  if (!answer.isOk) throw refusal(answer);
  return jsonOf(answer);
}
