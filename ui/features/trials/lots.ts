/** Plants dealt to sides by lot: what grows well by itself must not choose its side. */

/** chance: from 0 to 1. As even as can be; the order of each side is that of the plants. */
export function byLot(ids: readonly string[], sides: number, chance: () => number): readonly (readonly string[])[] {
  const shuffled = [...ids];
  // Fisher and Yates.
  for (let at = shuffled.length - 1; at > 0; at -= 1) {
    const other = Math.floor(chance() * (at + 1));
    [shuffled[at], shuffled[other]] = [shuffled[other]!, shuffled[at]!];
  }
  return Array.from({ length: sides }, (_, side) => {
    const dealt = new Set(shuffled.filter((_id, n) => n % sides === side));
    return ids.filter((id) => dealt.has(id));
  });
}
