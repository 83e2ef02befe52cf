/** Work that nobody waits for, one piece after another, with a pause between for whatever else the page has to do. */

/** So late at the latest, ms: what is fetched must be there before the server may be gone. */
const AT_LATEST_MS = 250;
/** Where the browser does not tell when it is idle, ms. */
const PAUSE_MS = 50;

/** Until the page has nothing better to do. */
export function pause(): Promise<void> {
  return new Promise((resolve) => {
    if ('requestIdleCallback' in window) requestIdleCallback(() => resolve(), { timeout: AT_LATEST_MS });
    else setTimeout(resolve, PAUSE_MS);
  });
}

export async function inPauses(works: readonly (() => Promise<unknown>)[]): Promise<void> {
  for (const [i, work] of works.entries()) {
    if (i > 0) await pause();
    await work();
  }
}
