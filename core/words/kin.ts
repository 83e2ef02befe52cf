/** How a sentence speaks of a genus: by its name where that is one name, else as "this group". */
const isOneName = (name: string): boolean => /^[A-Z][a-z]+$/.test(name);

/** At the start of a sentence. */
export function Kin(genusName: string): string {
  return isOneName(genusName) ? genusName : 'This group';
}

/** Inside a sentence. */
export function kin(genusName: string): string {
  return isOneName(genusName) ? genusName : 'this group';
}
