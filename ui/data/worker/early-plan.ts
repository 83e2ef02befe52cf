/**
 * The plan of the bench as it opens, begun before the page asks for it: while the page's own scripts are still being read,
 * the worker reads the draft the browser keeps and starts.
 */
import type { PlanCase } from '@core';
import { openingDraft, readCase } from '../bench-draft';

/** What features/bench/begin.tsx sends as the worker starts. */
interface Opening {
  /** The draft as stored; null in a new browser. */
  readonly cairnDraft: string | null;
}

export function isOpening(message: unknown): message is Opening {
  return typeof message === 'object' && message !== null && 'cairnDraft' in message;
}

/** The case the page will ask about; null where its answers cannot be used yet. */
export function openingCase({ cairnDraft }: Opening): PlanCase | null {
  const reading = readCase(openingDraft(cairnDraft).answers);
  return reading.status === 'ok' ? reading.planCase : null;
}

/** Two askers mean the same case. */
export const keyOf = (planCase: PlanCase): string => JSON.stringify(planCase);
