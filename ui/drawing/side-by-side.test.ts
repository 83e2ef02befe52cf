/** Handles and labels never lie on each other. */
import { handleLanes, spreadBlocks } from './side-by-side';

test('handles far apart share a column, near ones stand beside each other', () => {
  expect(handleLanes([300, 100], 44)).toEqual([0, 0]);
  expect(handleLanes([300, 280, 100], 44)).toEqual([0, 1, 0]);
  expect(handleLanes([300, 280, 290], 44)).toEqual([0, 1, 2]);
});

test('labels stay where they are while they have room, and move apart where they have not', () => {
  const tall = (yPx: number) => ({ yPx, heightPx: 40 });
  expect(spreadBlocks([tall(50), tall(150)], 0, 300)).toEqual([50, 150]);
  const moved = spreadBlocks([tall(150), tall(160), tall(170)], 0, 300);
  const sorted = [...moved].sort((a, b) => a - b);
  sorted.slice(1).forEach((y, i) => expect(y - sorted[i]!).toBeGreaterThanOrEqual(40));
  // At the foot of the drawing they move up.
  expect(spreadBlocks([tall(280), tall(290)], 0, 300)).toEqual([240, 280]);
});
