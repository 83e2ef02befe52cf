/** What was mixed today: it goes into the note of every plant that is fed with it, by the one touch that says so. */
import * as z from 'zod';
import { today } from './dates';
import { safeJson } from './browser/safe-json';
import { useStored, writeStored } from './browser/stored';

const STORE_KEY = 'tender-cairn.todays-feed';
const schema = z.object({ on: z.iso.date(), text: z.string().min(1).max(300) });

/** null where nothing was mixed today. */
export function useTodaysFeed(): string | null {
  const stored = schema.safeParse(safeJson(useStored(STORE_KEY) ?? ''));
  return stored.success && stored.data.on === today() ? stored.data.text : null;
}

export const keepTodaysFeed = (text: string): void => writeStored(STORE_KEY, JSON.stringify({ on: today(), text }));
export const forgetTodaysFeed = (): void => writeStored(STORE_KEY, '');
