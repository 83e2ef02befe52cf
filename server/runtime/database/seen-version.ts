/** Two who change the same thing: whoever saw an older version is told, and nothing is overwritten. */

export type Meeting =
  /** Nobody changed it since. */
  | 'writable'
  /** The same change, sent again after a lost answer. */
  | 'there already'
  | 'changed meanwhile';

/** seenVersion: what the writer saw; null: none, so it has not been seen. isSame: whether it says already what is sent. */
export function meetingOf(seenVersion: number | null, version: number, isSame: () => boolean): Meeting {
  if (seenVersion === version) return 'writable';
  return seenVersion !== null && seenVersion + 1 === version && isSame() ? 'there already' : 'changed meanwhile';
}
