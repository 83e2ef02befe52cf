import { UnreachableError } from '../browser/transport';
import { PhotoPost } from './photo-post';
import { passingShelf } from './shelf';

const file = new Blob(['x'], { type: 'image/jpeg' });

function serverWith() {
  const state = { isAway: false, refusal: null as Error | null };
  const kept: string[] = [];
  const send = async ({ id }: { readonly id: string }) => {
    if (state.isAway) throw new UnreachableError('away');
    if (state.refusal) throw state.refusal;
    kept.push(id);
  };
  return { state, kept, send };
}

beforeEach(() => jest.useFakeTimers());
afterEach(() => jest.useRealTimers());

test('what the server has is taken down; it is told that the shelf changed', async () => {
  const there = serverWith();
  const shelf = passingShelf();
  const post = new PhotoPost(shelf, there.send);
  const seen = jest.fn();
  post.onChange(seen);
  const id = await post.add(file);
  await post.sendWaiting();
  expect(there.kept).toEqual([id]);
  expect(await shelf.list()).toEqual([]);
  expect(seen).toHaveBeenCalled();
});

test('while the server is away all wait, and go by themselves when it is back; also on the next page', async () => {
  const there = serverWith();
  const shelf = passingShelf();
  const post = new PhotoPost(shelf, there.send);
  there.state.isAway = true;
  const ids = [await post.add(file), await post.add(file)];
  await post.sendWaiting();
  expect((await shelf.list()).map(({ id }) => id)).toEqual(ids);
  there.state.isAway = false;
  await jest.advanceTimersByTimeAsync(20_000);
  expect(there.kept).toEqual(ids);

  there.state.isAway = true;
  const later = await post.add(file);
  await post.sendWaiting();
  there.state.isAway = false;
  await new PhotoPost(shelf, there.send).sendWaiting();
  expect(there.kept).toContain(later);
});

test('one that is refused stays with its reason and holds no other up', async () => {
  const there = serverWith();
  const shelf = passingShelf();
  const post = new PhotoPost(shelf, there.send);
  there.state.refusal = new Error('no picture');
  const bad = await post.add(file);
  await post.sendWaiting();
  there.state.refusal = null;
  const good = await post.add(file);
  await post.sendWaiting();
  expect(there.kept).toEqual([good]);
  expect(await post.waiting(bad)).toMatchObject({ refusal: 'no picture' });
  await post.takeDown(bad);
  expect(await shelf.list()).toEqual([]);
});

test('asked twice at once it sends each once', async () => {
  const there = serverWith();
  const post = new PhotoPost(passingShelf(), there.send);
  await Promise.all([post.add(file), post.add(file)]);
  await Promise.all([post.sendWaiting(), post.sendWaiting()]);
  expect(new Set(there.kept).size).toBe(there.kept.length);
  expect(there.kept).toHaveLength(2);
});
