import { Latest } from './latest';

const tick = () => new Promise((resolve) => setTimeout(resolve, 0));

function gates() {
  const open: (() => void)[] = [];
  const ran: string[] = [];
  const run = (name: string) => () =>
    new Promise<string>((resolve) => {
      ran.push(name);
      open.push(() => resolve(name));
    });
  return { open, ran, run };
}

test('while one runs, newer ones replace each other: only the newest follows', async () => {
  const values: string[] = [];
  const latest = new Latest<string>((value) => values.push(value), fail);
  const { open, ran, run } = gates();
  for (const name of ['a', 'b', 'c', 'd']) latest.ask(name, run(name));
  open[0]!();
  await tick();
  open[1]!();
  await tick();
  expect(ran).toEqual(['a', 'd']);
  expect(values).toEqual(['a', 'd']);
});

test('the very same question is not asked twice', async () => {
  const latest = new Latest<string>(() => undefined, fail);
  const { open, ran, run } = gates();
  latest.ask('a', run('a'));
  open[0]!();
  await tick();
  latest.ask('a', run('a'));
  await tick();
  expect(ran).toEqual(['a']);
});

test('forgotten or closed, an answer under way is dropped', async () => {
  const values: string[] = [];
  const latest = new Latest<string>((value) => values.push(value), fail);
  const { open, run } = gates();
  latest.ask('a', run('a'));
  latest.forget();
  open[0]!();
  await tick();
  latest.ask('b', run('b'));
  latest.close();
  open[1]!();
  await tick();
  expect(values).toEqual([]);
});

test('an error is told, and the next question is asked all the same', async () => {
  const errors: unknown[] = [];
  const values: number[] = [];
  const latest = new Latest<number>(
    (value) => values.push(value),
    (error) => errors.push(error),
  );
  latest.ask('a', () => Promise.reject(new Error('dry')));
  await tick();
  latest.ask('b', () => Promise.resolve(2));
  await tick();
  expect(errors).toEqual([new Error('dry')]);
  expect(values).toEqual([2]);
});

function fail(error: unknown): never {
  throw error;
}
