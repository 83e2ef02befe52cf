import { turns } from './turns';

const held = () => {
  let go: () => void = () => undefined;
  const until = new Promise<void>((resolve) => (go = resolve));
  return { until, go };
};

test('so many at once, so many wait, the next is told to come back; then it is free again', async () => {
  const doors = turns({ atOnce: 2, mostWaiting: 1 });
  const gate = held();
  let [running, most] = [0, 0];
  const work = async () => {
    running += 1;
    most = Math.max(most, running);
    await gate.until;
    running -= 1;
    return 'done';
  };
  const three = [doors.take(work), doors.take(work), doors.take(work)];
  expect(await doors.take(work)).toBeNull();
  gate.go();
  expect(await Promise.all(three)).toEqual(['done', 'done', 'done']);
  expect(most).toBe(2);
  expect(await doors.take(work)).toBe('done');
});

test('work that fails gives its turn on', async () => {
  const doors = turns({ atOnce: 1, mostWaiting: 0 });
  await expect(doors.take(() => Promise.reject(new Error('broken')))).rejects.toThrow('broken');
  expect(await doors.take(() => Promise.resolve(1))).toBe(1);
});
