/** Errors as application/problem+json (RFC 9457), with one entry per fault. */
import type { Fault } from '@core/words';

/** A fault of the request as such may come without a code. */
export type SaidFault = Omit<Fault, 'code'> & Partial<Pick<Fault, 'code'>>;

export function problem(
  status: number,
  title: string,
  faults: readonly SaidFault[] = [],
  more: Readonly<Record<string, unknown>> = {},
): Response {
  return new Response(JSON.stringify({ type: 'about:blank', title, status, faults, ...more }), {
    status,
    headers: { 'content-type': 'application/problem+json' },
  });
}

export const notFound = (what: string): Response => problem(404, `There is no such ${what}.`);

/** A late write: what is kept now, and what was sent. Nothing was changed. */
export function changedMeanwhile(what: string, current: unknown, sent: unknown): Response {
  return problem(409, `This ${what} was changed meanwhile. Nothing was overwritten.`, [], { current, sent });
}

/** Done, with nothing to say. */
export const done = (): Response => new Response(null, { status: 204 });
