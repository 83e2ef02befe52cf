/** Keeps something running: when it ends, that is said, and it is started again after a while. */
import { MS_PER_SECOND } from '@core/base/time';
import type { BackOff } from './back-off';

export interface Watched {
  /** As the grower knows it: "web server". */
  readonly name: string;
  /** Runs it until it ends; says how it ended. isAgain: it had ended before. */
  readonly run: (isAgain: boolean) => Promise<string>;
}

export interface Surroundings {
  readonly backOff: BackOff;
  readonly say: (line: string) => void;
  readonly now: () => number;
  /** Ends early when everything is being stopped. */
  readonly sleep: (ms: number) => Promise<void>;
  readonly isStopping: () => boolean;
}

export async function watch(watched: Watched, around: Surroundings): Promise<void> {
  for (let isAgain = false; !around.isStopping(); isAgain = true) {
    const since = around.now();
    // What fails in the watching itself is no reason to stop watching.
    const how = await watched.run(isAgain).catch((error: unknown) => `failed (${String(error)})`);
    if (around.isStopping()) return;
    const waitMs = around.backOff.nextMs(around.now() - since);
    around.say(`The ${watched.name} ${how}. Starting it again in ${waitMs / MS_PER_SECOND} s.`);
    await around.sleep(waitMs);
  }
}
