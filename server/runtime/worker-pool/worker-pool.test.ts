/** Long work stands aside: a bounded queue, a deadline, and nothing goes on for a client who has left. */
import { makePlan, type PlanCase } from '@core';
import { computed } from './server-pool';
import { openPool, type Pool, type PoolSettings } from './pool';

const planCase: PlanCase = { genus: 'vanda', place: 'humid-terrace' };
const staying = () => new AbortController().signal;
const GENEROUS_MS = 60_000;

const opened: Pool[] = [];
function pool(settings: Partial<PoolSettings> = {}): Pool {
  const made = openPool({ threads: 1, mostWaiting: 8, deadlineMs: GENEROUS_MS, ...settings });
  opened.push(made);
  return made;
}
afterEach(async () => {
  await Promise.all(opened.splice(0).map((made) => made.close()));
});

test('the answer is the core’s own, in words', async () => {
  const answer = await pool().ask('plan', planCase, staying());
  const { setups } = JSON.parse(answer.status === 'answered' ? answer.json : '{}') as {
    setups: { id: string; score: number }[];
  };
  expect(setups.map((setup) => setup.score)).toEqual(makePlan(planCase).setups.map((setup) => setup.score));
});

test('a town is found by its name', async () => {
  const answer = await pool().ask('towns', 'Freibrug', staying());
  const { towns } = JSON.parse(answer.status === 'answered' ? answer.json : '{}') as { towns: { name: string }[] };
  expect(towns.map(({ name }) => name)).toEqual(expect.arrayContaining([expect.stringContaining('Freiburg')]));
});

test('so many wait, further ones are sent away at once, and there is room again afterwards', async () => {
  const narrow = pool({ mostWaiting: 1 });
  const first = narrow.ask('plan', planCase, staying());
  const second = narrow.ask('plan', planCase, staying());
  expect(await narrow.ask('plan', planCase, staying())).toEqual({ status: 'busy' });
  expect((await Promise.all([first, second])).map(({ status }) => status)).toEqual(['answered', 'answered']);
  expect((await narrow.ask('plan', planCase, staying())).status).toBe('answered');
});

test('a question is given up at its deadline, and the next one is answered', async () => {
  const hasty = pool({ deadlineMs: 1 });
  expect(await hasty.ask('plan', planCase, staying())).toEqual({ status: 'late' });
  expect((await pool().ask('plan', planCase, staying())).status).toBe('answered');
});

test('work for a client who leaves is dropped: the one behind does not wait for it', async () => {
  const one = pool();
  await one.ask('plan', planCase, staying());
  const leaving = new AbortController();
  const dropped = Array.from({ length: 6 }, () => one.ask('plan', planCase, leaving.signal));
  const behind = one.ask('plan', planCase, staying());
  leaving.abort();
  expect(await Promise.all(dropped)).toEqual(dropped.map(() => ({ status: 'left' })));
  expect((await behind).status).toBe('answered');
});

describe('what a request gets', () => {
  afterEach(() => {
    globalThis.tenderCairnPool = undefined;
  });

  test.each([
    ['busy', 503, '5'],
    ['late', 503, '10'],
    ['left', 499, null],
  ] as const)('%s: %d', async (status, code, retryAfter) => {
    globalThis.tenderCairnPool = { ask: () => Promise.resolve({ status }), close: () => Promise.resolve() };
    const response = await computed(new Request('http://localhost/api/plan'), 'plan', planCase);
    expect([response.status, response.headers.get('retry-after')]).toEqual([code, retryAfter]);
    expect(response.headers.get('content-type')).toBe('application/problem+json');
  });
});
