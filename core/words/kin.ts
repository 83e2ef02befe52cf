/** How a sentence speaks of a genus: by its name where that is one name, else as "this group". */
import type { Genus } from '../catalogue/genera';

const isOneName = (name: string): boolean => /^[A-Z][a-z]+$/.test(name);

/** At the start of a sentence. */
export function Kin(genus: Pick<Genus, 'name'>): string {
  return isOneName(genus.name) ? genus.name : 'This group';
}

/** Inside a sentence. */
export function kin(genus: Pick<Genus, 'name'>): string {
  return isOneName(genus.name) ? genus.name : 'this group';
}
