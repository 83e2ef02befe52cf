/** Errors as application/problem+json (RFC 9457), with one entry per fault. */
import type { Fault } from '@core';

export function problem(status: number, title: string, faults: readonly Fault[] = []): Response {
  return new Response(JSON.stringify({ type: 'about:blank', title, status, faults }), {
    status,
    headers: { 'content-type': 'application/problem+json' },
  });
}

export const notFound = (what: string): Response => problem(404, `There is no such ${what}.`);
