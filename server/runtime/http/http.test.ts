import * as z from 'zod';
import { isId } from './ids';
import { notFound, problem } from './problem';
import { readBody } from './read-body';

const schema = z.strictObject({ n: z.number({ error: 'n must be a number' }) });
const request = (body: string) => new Request('http://localhost/', { method: 'POST', body });

test('a problem is problem+json with its status and faults (RFC 9457)', async () => {
  const response = problem(422, 'Some values cannot be used.', [{ path: 'a.b', message: 'must be 1' }]);
  expect(response.status).toBe(422);
  expect(response.headers.get('content-type')).toBe('application/problem+json');
  expect(await response.json()).toEqual({
    type: 'about:blank',
    title: 'Some values cannot be used.',
    status: 422,
    faults: [{ path: 'a.b', message: 'must be 1' }],
  });
  expect(notFound('plant').status).toBe(404);
});

test('a good body is its value', async () => {
  expect(await readBody(request('{"n":3}'), schema)).toEqual({ status: 'ok', value: { n: 3 } });
});

test.each([
  ['{', 400],
  ['{"n":"x"}', 422],
  ['{"n":1,"m":2}', 422],
])('%s is refused with %d', async (body, status) => {
  const read = await readBody(request(body), schema);
  expect(read.status === 'refused' && read.response.status).toBe(status);
});

test('only uuids are ids', () => {
  expect(isId('6f1de3a2-6c0f-4b6a-9a5e-0c5a1b2d3e4f')).toBe(true);
  expect(isId("1' or '1'='1")).toBe(false);
});
