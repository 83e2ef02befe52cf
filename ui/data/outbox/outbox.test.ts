/** @jest-environment node */
import { ConflictError, UnreachableError } from '../browser/transport';
import { type Letter, NotYetKeptError, overCurrent } from './letter';
import { lettersIn, passingLetters } from './letters';
import { Outbox, type Send } from './outbox';

const pot = (name: string) =>
  ({ title: `Pot ${name}`, method: 'POST', path: '/api/library/pot', body: { name } }) as const;

/** A server that keeps what it is sent by its key, and can be away, or keep without being able to say so. */
function server() {
  const kept = new Map<string, string>();
  const sent: Letter[] = [];
  const state = { isAway: false, losesAnswers: false, refusal: null as Error | null };
  const send: Send = (letter) => {
    sent.push(letter);
    if (state.isAway) return Promise.reject(new UnreachableError('gone'));
    if (state.refusal) return Promise.reject(state.refusal);
    kept.set(letter.key, letter.title);
    return state.losesAnswers ? Promise.reject(new UnreachableError('lost')) : Promise.resolve({ id: kept.size });
  };
  return { kept, sent, state, send };
}

beforeEach(() => jest.useFakeTimers());
afterEach(() => jest.useRealTimers());

const waitsFor = (promise: Promise<unknown>) => expect(promise).rejects.toBeInstanceOf(NotYetKeptError);

test('what is kept is answered and leaves nothing behind', async () => {
  const letters = passingLetters();
  const outbox = new Outbox(letters, server().send);
  expect(await outbox.deliver(pot('A'))).toEqual({ id: 1 });
  expect(letters.list()).toEqual([]);
});

test('while the server is away changes wait; when it is back they are sent in order, by themselves', async () => {
  const there = server();
  const letters = passingLetters();
  const outbox = new Outbox(letters, there.send);
  there.state.isAway = true;
  await waitsFor(outbox.deliver(pot('A')));
  await waitsFor(outbox.deliver(pot('B')));
  await waitsFor(outbox.deliver({ title: 'A away', method: 'DELETE', path: '/api/library/pot/a' }));
  expect(letters.list().map(({ title }) => title)).toEqual(['Pot A', 'Pot B', 'A away']);
  there.state.isAway = false;
  const seen = jest.fn();
  outbox.onKept(seen);
  await jest.advanceTimersByTimeAsync(30_000);
  expect([...there.kept.values()]).toEqual(['Pot A', 'Pot B', 'A away']);
  expect(letters.list()).toEqual([]);
  expect(seen).toHaveBeenCalledTimes(3);
});

test('it is tried less and less often, and anew once it is there', async () => {
  const there = server();
  const outbox = new Outbox(passingLetters(), there.send);
  there.state.isAway = true;
  await waitsFor(outbox.deliver(pot('A')));
  await jest.advanceTimersByTimeAsync(60_000);
  // 2, 4, 8, 16 and 30 seconds apart.
  expect(there.sent.length).toBe(6);
});

test('a lost answer: sent again under the same key, and kept once', async () => {
  const there = server();
  const outbox = new Outbox(passingLetters(), there.send);
  there.state.losesAnswers = true;
  await waitsFor(outbox.deliver(pot('A')));
  there.state.losesAnswers = false;
  // The grower taps once more: it is the same change.
  await outbox.deliver(pot('A'));
  expect(there.sent.length).toBeGreaterThan(1);
  expect(there.kept.size).toBe(1);
});

test('a double tap is one change with two answers; the same thing later is another', async () => {
  const there = server();
  const outbox = new Outbox(passingLetters(), there.send);
  const [first, second] = await Promise.all([outbox.deliver(pot('A')), outbox.deliver(pot('A'))]);
  expect([first, second]).toEqual([{ id: 1 }, { id: 1 }]);
  await outbox.deliver(pot('A'));
  expect(there.kept.size).toBe(2);
});

test('a reload, or a new start of the browser: what waited is sent by the next page', async () => {
  const there = server();
  const letters = passingLetters();
  there.state.isAway = true;
  await waitsFor(new Outbox(letters, there.send).deliver(pot('A')));
  there.state.isAway = false;
  await new Outbox(letters, there.send).sendWaiting();
  expect([...there.kept.values()]).toEqual(['Pot A']);
});

test('a refusal is told to the screen that sent it; where it is gone, it stays with its reason and holds nothing up', async () => {
  const there = server();
  const letters = passingLetters();
  const outbox = new Outbox(letters, there.send);
  there.state.refusal = new Error('name must not be empty');
  await expect(outbox.deliver(pot('A'))).rejects.toThrow('name must not be empty');
  expect(letters.list()).toEqual([]);

  there.state.refusal = null;
  there.state.isAway = true;
  await waitsFor(outbox.deliver(pot('B')));
  there.state.isAway = false;
  there.state.refusal = new ConflictError('Changed meanwhile.', { version: 7 });
  await new Outbox(letters, there.send).sendWaiting();
  expect(letters.list()).toMatchObject([{ title: 'Pot B', refusal: 'Changed meanwhile.', currentVersion: 7 }]);
  there.state.refusal = null;
  expect(await outbox.deliver(pot('C'))).toEqual({ id: 1 });
});

test('put in the place of what is kept now: over the version that was told', () => {
  const letter = { ...pot('A'), key: 'k', writtenAt: '2026-11-25T10:00:00Z', seenVersion: 3 };
  const refused: Letter = { ...letter, method: 'PUT', refusal: 'Changed meanwhile.', currentVersion: 7 };
  expect(overCurrent(refused)).toMatchObject({ seenVersion: 7, refusal: null, currentVersion: null });
  expect(overCurrent({ ...refused, method: 'POST' })).toMatchObject({ seenVersion: 3, body: { plantVersion: 7 } });
  expect(overCurrent({ ...refused, currentVersion: null })).toMatchObject({ seenVersion: 3, body: { name: 'A' } });
});

test('what stands in the storage and is no letter is passed over', () => {
  expect(lettersIn('{')).toEqual([]);
  expect(lettersIn('[{"key":1}]')).toEqual([]);
  expect(lettersIn(null)).toEqual([]);
});
