/** The one pool of the server process, and what a request gets of it. */
import { problem } from '../http/problem';
import { wentWrong } from '../http/went-wrong';
import { type Computed, openPool, type Pool, type Question, usualPool } from './pool';

declare global {
  // Survives reloads of modules in development; the gateway opens it, the bundled handlers find it.
  var tenderCairnPool: Pool | undefined;
}

export const computing = (): Pool => (globalThis.tenderCairnPool ??= openPool(usualPool));

const RETRY_AFTER_S = { busy: 5, late: 10 } as const;
const titles = {
  busy: 'Too many plans are being worked out already. Nothing was changed; try again in a moment.',
  late: 'This took longer than anyone should wait. Nothing was changed; try again when fewer ask.',
} as const;

/** Nobody reads it: the client is gone. */
const CLIENT_LEFT = 499;

async function askPool(request: Request, question: Question, input: unknown): Promise<Computed | Response> {
  try {
    return await computing().ask(question, input, request.signal);
  } catch (error) {
    return wentWrong(error);
  }
}

/** Answers a question from the pool; it is dropped as soon as its client leaves. */
export async function computed(request: Request, question: Question, input: unknown): Promise<Response> {
  const answer = await askPool(request, question, input);
  if (answer instanceof Response) return answer;
  switch (answer.status) {
    case 'answered':
      return new Response(answer.json, { headers: { 'content-type': 'application/json' } });
    case 'left':
      return problem(CLIENT_LEFT, 'The client left.');
    case 'busy':
    case 'late': {
      const refusal = problem(503, titles[answer.status]);
      refusal.headers.set('retry-after', String(RETRY_AFTER_S[answer.status]));
      return refusal;
    }
  }
}
