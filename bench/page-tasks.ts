/**
 * How long the longest task on the page's thread computes, by the processor's clock: what it waits for other programs on the
 * machine is not the page's doing, and on a busy machine that is most of what a wall clock shows.
 */
import type { Browser } from '@playwright/test';

interface TraceEvent {
  readonly name: string;
  readonly ph: string;
  readonly cat: string;
  readonly pid: number;
  readonly tid: number;
  /** Microseconds of the thread's own clock. */
  readonly tdur?: number;
}

/** One message holds a part of them. */
interface Collected {
  readonly value: readonly TraceEvent[];
}

const US_PER_MS = 1000;

/** work: what is done meanwhile, in one page that sets the bench's marks. */
export async function longestTaskCpuMs(browser: Browser, work: () => Promise<void>): Promise<number> {
  const session = await browser.newBrowserCDPSession();
  const events: TraceEvent[] = [];
  session.on('Tracing.dataCollected', (part) => events.push(...(part as unknown as Collected).value));
  await session.send('Tracing.start', {
    transferMode: 'ReportEvents',
    traceConfig: { includedCategories: ['toplevel', 'blink.user_timing'] },
  });
  await work();
  const isOver = new Promise((resolve) => session.once('Tracing.tracingComplete', resolve));
  await session.send('Tracing.end');
  await isOver;
  await session.detach();
  // The thread that sets the marks is the page's.
  const mark = events.find(({ cat, name }) => cat.includes('blink.user_timing') && name.startsWith('cairn '));
  if (!mark) throw new Error('the page has set none of the marks of the bench');
  const tasks = events.filter(
    ({ ph, pid, tid, tdur }) => ph === 'X' && pid === mark.pid && tid === mark.tid && tdur !== undefined,
  );
  return Math.max(0, ...tasks.map(({ tdur }) => tdur! / US_PER_MS));
}
