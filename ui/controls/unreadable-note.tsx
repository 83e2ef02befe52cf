import type { Unreadable } from '../data/pages';

/** Says what is kept but cannot be shown: nothing vanishes in silence. Nothing where all can be read. */
export function UnreadableNote({ kept }: { readonly kept: readonly Unreadable[] }) {
  if (kept.length === 0) return null;
  const names = kept.map(({ name }) => name).join(', ');
  return <p role="note">Kept, but not readable by this program: {names}. A newer one may read it.</p>;
}
