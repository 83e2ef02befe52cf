/**
 * Answers as they were last looked at and found good. They prove nothing about nature; they say what
 * a change to the model or the rules changes, so that it is seen and judged, never slipped in.
 * After a change that is meant, look at the difference of the snapshot and renew it: jest -u.
 */

/** Numbers to three figures: what no change of meaning moves. */
export function rounded(value: unknown): unknown {
  if (typeof value === 'number') return Number.isFinite(value) ? Number(value.toPrecision(3)) : String(value);
  if (Array.isArray(value)) return value.map(rounded);
  if (value !== null && typeof value === 'object') {
    return Object.fromEntries(Object.entries(value).map(([key, entry]) => [key, rounded(entry)]));
  }
  return value;
}

/** On one line, to three figures, without the quotes that a snapshot would have to escape. */
export const approvedLine = (value: unknown): string => JSON.stringify(rounded(value)).replaceAll('"', '');
