/** Keeps handles and labels beside a drawing off each other. */

/** In which column each handle stands, so that two in one column are never nearer than that; the first column is 0. */
export function handleLanes(yPx: readonly number[], apartPx: number): readonly number[] {
  const taken: number[][] = [];
  return yPx.map((y) => {
    const free = taken.findIndex((lane) => lane.every((other) => Math.abs(other - y) >= apartPx));
    const lane = free < 0 ? taken.length : free;
    (taken[lane] ??= []).push(y);
    return lane;
  });
}

interface Block {
  /** Where its middle would be. */
  readonly yPx: number;
  readonly heightPx: number;
}

/** Middles of blocks moved as little apart as keeps them from overlapping, within a top and a bottom. */
export function spreadBlocks(blocks: readonly Block[], topPx: number, bottomPx: number): readonly number[] {
  const order = blocks.map((_, i) => i).sort((a, b) => blocks[a]!.yPx - blocks[b]!.yPx);
  const middles = blocks.map(({ yPx }) => yPx);
  let floor = topPx;
  for (const i of order) {
    const { heightPx } = blocks[i]!;
    middles[i] = Math.max(middles[i]!, floor + heightPx / 2);
    floor = middles[i]! + heightPx / 2;
  }
  let ceiling = bottomPx;
  for (const i of [...order].reverse()) {
    const { heightPx } = blocks[i]!;
    middles[i] = Math.min(middles[i]!, ceiling - heightPx / 2);
    ceiling = middles[i]! - heightPx / 2;
  }
  return middles;
}
