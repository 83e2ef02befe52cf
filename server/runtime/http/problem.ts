/** Errors as application/problem+json (RFC 9457), with one entry per fault. */
import type { Fault } from '@core/words';

/** A fault of the request as such may come without a code. */
export type SaidFault = Omit<Fault, 'code'> & Partial<Pick<Fault, 'code'>>;

/** More than these help nobody; how many there were is told beside. */
export const MOST_FAULTS = 50;

export function problem(
  status: number,
  title: string,
  faults: readonly SaidFault[] = [],
  more: Readonly<Record<string, unknown>> = {},
): Response {
  const told = faults.slice(0, MOST_FAULTS);
  const count = faults.length > told.length ? { faultCount: faults.length } : {};
  return new Response(JSON.stringify({ type: 'about:blank', title, status, faults: told, ...count, ...more }), {
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
