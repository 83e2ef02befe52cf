/** A file to keep is made whole before it is sent: whoever does not take it holds nothing of what it was made from. */
import { fileAnswer } from './file-answer';

async function* lines(count: number, ended: () => void): AsyncGenerator<string> {
  try {
    for (let n = 0; n < count; n += 1) yield `${n}: ö\n`;
  } finally {
    ended();
  }
}

test('what is sent is what was made, with its length and its name', async () => {
  const answer = await fileAnswer(lines(3, jest.fn()), 'text/csv', 'mine.csv');
  expect(answer.headers.get('content-disposition')).toBe('attachment; filename="mine.csv"');
  expect(answer.headers.get('content-length')).toBe(String(Buffer.byteLength('0: ö\n') * 3));
  expect(await answer.text()).toBe('0: ö\n1: ö\n2: ö\n');
});

test('ten who take none of it: every making has ended', async () => {
  const ended = jest.fn();
  const answers: Response[] = [];
  for (let n = 0; n < 10; n += 1) answers.push(await fileAnswer(lines(2_000, ended), 'text/csv', 'mine.csv'));
  expect(ended).toHaveBeenCalledTimes(10);
  for (const answer of answers) await answer.body?.cancel();
});

test('too many at the same moment are told to come back, and theirs has ended too', async () => {
  const ended = jest.fn();
  const asked = Array.from({ length: 20 }, () => fileAnswer(lines(200, ended), 'text/csv', 'mine.csv'));
  const answers = await Promise.all(asked);
  const refused = answers.filter(({ status }) => status === 503);
  expect(refused.length).toBeGreaterThan(5);
  expect(refused[0]!.headers.get('retry-after')).toBe('10');
  for (const answer of answers) await answer.body?.cancel();
  expect(ended.mock.calls.length).toBe(20 - refused.length);
});

test('a fault while it is made is thrown, not sent', async () => {
  const broken = async function* (): AsyncGenerator<string> {
    yield 'half';
    throw new Error('broken');
  };
  await expect(fileAnswer(broken(), 'text/csv', 'x.csv')).rejects.toThrow('broken');
});
