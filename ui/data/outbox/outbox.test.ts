/** @jest-environment node */
import { ConflictError, FailedError, UnreachableError } from '../browser/transport';
import type { Alone } from './alone';
import type { Bell } from './bell';
import { type Letter, NoRoomError, NotYetKeptError, overCurrent } from './letter';
import { type LetterStore, passingLetters } from './letters';
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
  expect(await letters.list()).toEqual([]);
});

test('while the server is away changes wait; when it is back they are sent in order, by themselves', async () => {
  const there = server();
  const letters = passingLetters();
  const outbox = new Outbox(letters, there.send);
  there.state.isAway = true;
  await waitsFor(outbox.deliver(pot('A')));
  await waitsFor(outbox.deliver(pot('B')));
  await waitsFor(outbox.deliver({ title: 'A away', method: 'DELETE', path: '/api/library/pot/a' }));
  expect((await letters.list()).map(({ title }) => title)).toEqual(['Pot A', 'Pot B', 'A away']);
  there.state.isAway = false;
  const seen = jest.fn();
  outbox.onKept(seen);
  await jest.advanceTimersByTimeAsync(30_000);
  expect([...there.kept.values()]).toEqual(['Pot A', 'Pot B', 'A away']);
  expect(await letters.list()).toEqual([]);
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
  expect(await letters.list()).toEqual([]);

  there.state.refusal = null;
  there.state.isAway = true;
  await waitsFor(outbox.deliver(pot('B')));
  there.state.isAway = false;
  there.state.refusal = new ConflictError('Changed meanwhile.', { version: 7 });
  await new Outbox(letters, there.send).sendWaiting();
  expect(await letters.list()).toMatchObject([{ title: 'Pot B', refusal: 'Changed meanwhile.', currentVersion: 7 }]);
  there.state.refusal = null;
  expect(await outbox.deliver(pot('C'))).toEqual({ id: 1 });
});

test('put in the place of what is kept now: over the version that was told', () => {
  const written = { key: 'k', writtenAt: '2026-11-25T10:00:00Z', seenVersion: 3, from: '', failures: 0 };
  const letter = { ...pot('A'), ...written, collection: 'home' as const };
  const refused: Letter = { ...letter, method: 'PUT', refusal: 'Changed meanwhile.', currentVersion: 7 };
  expect(overCurrent(refused)).toMatchObject({ seenVersion: 7, refusal: null, currentVersion: null });
  expect(overCurrent({ ...refused, method: 'POST' })).toMatchObject({ seenVersion: 3, body: { plantVersion: 7 } });
  expect(overCurrent({ ...refused, currentVersion: null })).toMatchObject({ seenVersion: 3, body: { name: 'A' } });
});

/** Windows of one browser: one store, one lock, and a bell that rings in all others. */
function browser() {
  const letters = passingLetters();
  const listeners: { readonly of: number; readonly hear: (what: 'changed' | 'kept') => void }[] = [];
  let before: Promise<unknown> = Promise.resolve();
  const alone: Alone = (work) => {
    const mine = before.then(work);
    before = mine.catch(() => undefined);
    return mine;
  };
  const bellOf = (n: number): Bell => ({
    ring: (what) => listeners.filter(({ of }) => of !== n).forEach(({ hear }) => setTimeout(() => hear(what), 1)),
    onRing: (hear) => void listeners.push({ of: n, hear }),
  });
  let windows = 0;
  return { letters, open: (send: Send) => new Outbox(letters, send, { alone, bell: bellOf((windows += 1)) }) };
}

test('two windows write at once: all is kept, and each is answered though one of them sends', async () => {
  const there = server();
  const slow: Send = async (letter) => {
    await new Promise((resolve) => setTimeout(resolve, 20));
    return there.send(letter);
  };
  const { letters, open } = browser();
  const [one, other] = [open(slow), open(slow)];
  const answers = Array.from({ length: 40 }, (_, n) => (n % 2 === 0 ? one : other).deliver(pot(`${n}`)));
  const all = Promise.all(answers);
  await jest.advanceTimersByTimeAsync(60_000);
  expect((await all).map((answer) => (answer as { id: number }).id).sort((a, b) => a - b)).toEqual(
    Array.from({ length: 40 }, (_, n) => n + 1),
  );
  expect(there.kept.size).toBe(40);
  expect(await letters.list()).toEqual([]);
});

test('on a connection that comes and goes nothing that waits is lost or doubled, in two windows', async () => {
  const there = server();
  const { letters, open } = browser();
  const [one, other] = [open(there.send), open(there.send)];
  let waited = 0;
  for (let n = 0; n < 60; n += 1) {
    there.state.isAway = n % 7 < 3;
    there.state.losesAnswers = n % 7 === 4;
    void (n % 2 === 0 ? one : other).deliver(pot(`${n}`)).catch(() => (waited += 1));
    await jest.advanceTimersByTimeAsync(200);
  }
  there.state.isAway = false;
  there.state.losesAnswers = false;
  await jest.advanceTimersByTimeAsync(120_000);
  expect(waited).toBeGreaterThan(10);
  expect(await letters.list()).toEqual([]);
  expect(new Set(there.kept.values()).size).toBe(60);
  expect(there.kept.size).toBe(60);
});

test('what another window sent and the server refused is told in the window that wrote it, with what is kept now', async () => {
  const { letters, open } = browser();
  const refusing: Send = async () => {
    await new Promise((resolve) => setTimeout(resolve, 50));
    throw new ConflictError('Changed meanwhile.', { version: 7, name: 'theirs' });
  };
  const [one, other] = [open(refusing), open(refusing)];
  const first = expect(one.deliver(pot('A'))).rejects.toThrow('Changed meanwhile.');
  const second = expect(other.deliver(pot('B'))).rejects.toMatchObject({ current: { version: 7, name: 'theirs' } });
  await jest.advanceTimersByTimeAsync(5_000);
  await Promise.all([first, second]);
  expect(await letters.list()).toEqual([]);
});

test('without room: it is sent at once where the server is there, and where it is not that is said', async () => {
  const there = server();
  const full: LetterStore = { ...passingLetters(), add: () => Promise.reject(new Error('QuotaExceededError')) };
  const outbox = new Outbox(full, there.send);
  expect(await outbox.deliver(pot('A'))).toEqual({ id: 1 });
  there.state.isAway = true;
  await expect(outbox.deliver(pot('B'))).rejects.toBeInstanceOf(NoRoomError);
  there.state.isAway = false;
  there.state.refusal = new Error('name must not be empty');
  await expect(outbox.deliver(pot('C'))).rejects.toThrow('name must not be empty');
});

test('a server that fails is no refusal: it is tried again; over one that always fails the others are not held up', async () => {
  const there = server();
  const letters = passingLetters();
  let failures = 0;
  const outbox = new Outbox(letters, (letter) => {
    if (letter.title === 'Pot bad' || (letter.title === 'Pot A' && failures < 2)) {
      failures += 1;
      return Promise.reject(new FailedError('The server answered 500.'));
    }
    return there.send(letter);
  });
  await waitsFor(outbox.deliver(pot('A')));
  await jest.advanceTimersByTimeAsync(10_000);
  expect([...there.kept.values()]).toEqual(['Pot A']);
  await waitsFor(outbox.deliver(pot('bad')));
  await waitsFor(outbox.deliver(pot('C')));
  await jest.advanceTimersByTimeAsync(120_000);
  expect([...there.kept.values()]).toEqual(['Pot A', 'Pot C']);
  expect(await letters.list()).toMatchObject([{ title: 'Pot bad', refusal: 'The server answered 500.' }]);
});
