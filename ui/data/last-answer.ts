/** The last whole answer, kept in the browser: the same case, asked again of the same build, has the same one. */
import type { PlanFacts } from '@core';
import { safeJson } from './browser/safe-json';

export const LAST_ANSWER_KEY = 'tender-cairn.last-answer';

/** Another build may answer otherwise; next.config.ts writes it in. */
const build = process.env.CAIRN_BUILD ?? '';

interface Kept {
  readonly build: string;
  readonly key: string;
  readonly plan: PlanFacts;
}

function isKept(value: unknown): value is Kept {
  if (typeof value !== 'object' || value === null) return false;
  const { build: of, key, plan } = value as Partial<Kept>;
  return typeof of === 'string' && typeof key === 'string' && Array.isArray(plan?.setups) && plan.setups.length > 0;
}

/** The answer that was given last, and the key of its case; null where there is none of this build. */
export function lastAnswer(): { readonly key: string; readonly plan: PlanFacts } | null {
  const kept = safeJson(localStorage.getItem(LAST_ANSWER_KEY) ?? 'null');
  return isKept(kept) && kept.build === build ? kept : null;
}

export function keepLastAnswer(key: string, plan: PlanFacts): void {
  const kept: Kept = { build, key, plan };
  try {
    localStorage.setItem(LAST_ANSWER_KEY, JSON.stringify(kept));
  } catch {
    // The browser has no room: the next start works it out again, and what matters keeps its room.
    localStorage.removeItem(LAST_ANSWER_KEY);
  }
}
