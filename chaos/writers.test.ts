import { newTally, type Run, write } from './writers';

test('writers of an application that does not come back give up when they are told', async () => {
  const tally = newTally();
  const run: Run = { isOver: false, isLost: false };
  // Nobody answers there: a fetch refuses the discard port.
  const writing = write(() => 'http://127.0.0.1:9', 'w', run, tally);
  while (tally.unanswered < 2) await new Promise((resolve) => setTimeout(resolve, 20));
  run.isLost = true;
  await writing;
  expect(tally.unanswered).toBeGreaterThanOrEqual(2);
  expect(tally.plants.size + tally.places.size).toBe(0);
});
