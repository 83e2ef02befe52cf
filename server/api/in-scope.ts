/** What every handler needs: the database, and whose things the request is about. */
import type { EntityManager } from '@mikro-orm/postgresql';
import { entityManager } from '../records/database';
import type { Scope } from '../records/collections/scope';
import { isOfAValue, troubleOf } from '../runtime/database/trouble';
import { troubleWords } from './trouble-words';
import { inTime, LONGEST_WAIT_MS } from '../runtime/http/in-time';
import { KeyTakenError } from '../runtime/database/write-once';
import '../projections/follow-records';
import { problem } from '../runtime/http/problem';
import { scopeAsked } from './scope-asked';
import { wentWrong } from '../runtime/http/went-wrong';

export interface Inside {
  readonly em: EntityManager;
  readonly scope: Scope;
}

const RETRY_AFTER_S = 2;
/** The largest collections are read and written as a file in some minutes. */
export const LONGEST_FILE_MS = 15 * 60_000;

/** Nothing is wrong with what was asked. */
export const retryLater = (title: string): Response => {
  const response = problem(503, title);
  response.headers.set('retry-after', String(RETRY_AFTER_S));
  return response;
};

/** The database is there and does not answer: a write may be kept or not. */
const silent = (): Response =>
  retryLater('The database does not answer. A change may be kept or not; sending it again keeps it once.');

/**
 * Runs a handler; a database that is away is answered with 503 and tried again by the next request, and
 * one that does not answer in time too.
 */
export async function inScope(
  handle: (inside: Inside) => Promise<Response>,
  { longestMs = LONGEST_WAIT_MS }: { readonly longestMs?: number } = {},
): Promise<Response> {
  try {
    const answer = await inTime((async () => handle({ em: await entityManager(), scope: scopeAsked() }))(), longestMs);
    return answer === 'late' ? silent() : answer;
  } catch (error) {
    if (error instanceof KeyTakenError)
      return problem(
        409,
        'This change was kept before and said something else then. Nothing was changed; look at what is kept, and write it down anew.',
      );
    if (isOfAValue(error))
      return problem(422, 'A value in this cannot be kept, or names what is not there. Nothing was changed.');
    const trouble = troubleOf(error);
    return trouble === null
      ? wentWrong(error)
      : retryLater(`${troubleWords[trouble]} Nothing was changed; try again in a moment.`);
  }
}
