/**
 * The one HTTP client. Its calls with their schemas are fetched when the first is made: to make them all while a page is
 * being drawn would hold it up.
 */
import type { calls } from './calls';
import { UnreachableError } from './browser/transport';

export type { JournalForm, Kept, PlanForm, PlantsAsked, PottedForm, PottingRightForm } from './calls';
export type { LibraryKind } from '@server/records/library/schemas';
export { NotYetKeptError } from './outbox/letter';
export { ConflictError, UnreachableError } from './browser/transport';

type Calls = typeof calls;
type Call = (...given: unknown[]) => Promise<unknown>;

let fetched: Promise<Calls> | null = null;

/** Once they are there they stay; where the server was gone they are asked for again the next time. */
function fetchCalls(): Promise<Calls> {
  fetched ??= import('./calls').then(
    (file) => file.calls,
    () => {
      fetched = null;
      throw new UnreachableError('The server cannot be reached.');
    },
  );
  return fetched;
}

/** Fetches them before they are wanted: what is written down must be kept though the server be gone by then. */
export const readyClient = (): Promise<unknown> =>
  // The next call asks for them again, and says what is wrong.
  fetchCalls().catch(() => null);

/** Each call as it stands in `calls`: they all answer later anyway. */
export const client = new Proxy({} as Calls, {
  get:
    (_, name: keyof Calls): Call =>
    async (...given) =>
      ((await fetchCalls())[name] as Call)(...given),
});
