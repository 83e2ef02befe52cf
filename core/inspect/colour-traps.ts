/** Where the colour of roots misleads whoever looks for live ones (common practice, no source). */
import type { Genus } from '../catalogue/genera';
import { mediaCatalogue } from '../catalogue/media';

export type ColourTrap = 'stained by coconut' | 'brown by nature';

/** Slippers of both worlds: hairy brown roots that live. */
const brownByNature: ReadonlySet<string> = new Set(['paphiopedilum', 'paphiopedilum-multifloral', 'phragmipedium']);

/** mediumId: what it stands in; undefined where nobody knows. */
export function colourTrapsFor({ id }: Pick<Genus, 'id'>, mediumId: string | undefined): readonly ColourTrap[] {
  const family = mediaCatalogue.find((medium) => medium.id === mediumId)?.family;
  const traps: (ColourTrap | null)[] = [
    family === 'coconut' ? 'stained by coconut' : null,
    brownByNature.has(id) ? 'brown by nature' : null,
  ];
  return traps.filter((trap) => trap !== null);
}
