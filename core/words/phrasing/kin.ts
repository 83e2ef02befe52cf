/** How a sentence speaks of a genus: "one-leaved Cattleya" for "Cattleya, one-leaved", the first of several names. */

/** Inside a sentence. */
export function kin(genusName: string): string {
  const [head = genusName, tail = ''] = genusName.split(', ');
  const first = head.split(/ and | type$/)[0]!;
  const name = /^[A-Z][a-z]+-[a-z]+ [A-Z]/.test(first) ? first.charAt(0).toLowerCase() + first.slice(1) : first;
  // "Sophronitis, small cool Cattleya": what follows is another name, not a trait.
  const isOtherName = /^[A-Z]\S* and | [A-Z]\S*$/.test(tail);
  return tail === '' || isOtherName ? name : `${tail.replace(' and ', ' ')} ${name}`;
}

/** At the start of a sentence. */
export function Kin(genusName: string): string {
  const name = kin(genusName);
  return name.charAt(0).toUpperCase() + name.slice(1);
}
