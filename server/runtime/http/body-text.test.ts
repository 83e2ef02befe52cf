import * as z from 'zod';
import { DEEPEST_JSON, faultIn, MOST_JSON_VALUES, readText } from './body-text';
import { MOST_FAULTS, problem } from './problem';
import { readBody } from './read-body';

const streamed = (chunks: readonly Uint8Array[], onCancel: () => void = () => undefined): Request => {
  const body = new ReadableStream<Uint8Array>({
    pull(controller) {
      const next = waiting.shift();
      if (next) controller.enqueue(next);
      else controller.close();
    },
    cancel: onCancel,
  });
  const waiting = [...chunks];
  return new Request('http://localhost/', { method: 'POST', body, duplex: 'half' } as RequestInit);
};
const bytes = (text: string) => new TextEncoder().encode(text);

describe('a body is read to its limit', () => {
  test('in pieces, even where one cuts a letter in two', async () => {
    const whole = bytes('"Übertopf"');
    expect(await readText(streamed([whole.slice(0, 2), whole.slice(2)]))).toBe('"Übertopf"');
  });

  test('a body without an announced length is not read beyond it', async () => {
    let cancelled = false;
    const request = streamed([bytes('x'.repeat(6)), bytes('x'.repeat(6)), bytes('x'.repeat(6))], () => {
      cancelled = true;
    });
    expect(await readText(request, 10)).toBeNull();
    expect(cancelled).toBe(true);
    expect(await readText(streamed([bytes('x'.repeat(10))]), 10)).toHaveLength(10);
  });

  test('no body is an empty one', async () => {
    expect(await readText(new Request('http://localhost/', { method: 'POST' }))).toBe('');
  });

  test('too long is 413', async () => {
    const read = await readBody(streamed([bytes(`"${'x'.repeat(1_000_001)}"`)]), z.string());
    expect(read.status === 'refused' && read.response.status).toBe(413);
  });
});

describe('what cannot be kept is refused, wherever it stands', () => {
  const nul = String.fromCharCode(0);
  const half = String.fromCharCode(0xd83c);
  const flower = '🌸';

  test.each([nul, half, String.fromCharCode(0xdf38), `a${nul}b`, `${flower}${half}`])('the text %j', (text) => {
    expect(faultIn(text)).toMatchObject({ path: '(whole)' });
    expect(faultIn({ a: [{ note: text }] })).toMatchObject({ path: 'a.0.note' });
    expect(faultIn({ [text]: 1 })).not.toBeNull();
  });

  test('whole characters of any plane pass', () => {
    expect(faultIn({ note: `${flower} ünï 草` })).toBeNull();
  });

  test('over HTTP it is 422 with the field', async () => {
    const request = new Request('http://localhost/', { method: 'POST', body: '{"note":"a\\u0000"}' });
    const read = await readBody(request, z.object({ note: z.string() }));
    expect(read.status === 'refused' && read.response.status).toBe(422);
    expect(read.status === 'refused' && (await read.response.json())).toMatchObject({ faults: [{ path: 'note' }] });
  });
});

describe('limits on depth and count', () => {
  const nested = (depth: number): unknown => (depth === 0 ? 1 : [nested(depth - 1)]);

  test('so deep and no deeper', () => {
    expect(faultIn(nested(DEEPEST_JSON))).toBeNull();
    expect(faultIn(nested(DEEPEST_JSON + 1))?.message).toContain('deeper');
  });

  test('a body of half a million brackets is refused, not recursed into', async () => {
    const body = '['.repeat(490_000) + ']'.repeat(490_000);
    const read = await readBody(new Request('http://localhost/', { method: 'POST', body }), z.unknown());
    expect(read.status === 'refused' && read.response.status).toBe(422);
  });

  test('so many values and no more', () => {
    const list = (count: number) => Array.from({ length: count }, () => []);
    expect(faultIn(list(MOST_JSON_VALUES - 1))).toBeNull();
    expect(faultIn(list(MOST_JSON_VALUES))?.message).toContain('more than');
  });

  test('fifty faults are told, and how many there were', async () => {
    const faults = (count: number) => Array.from({ length: count }, (_, i) => ({ path: `a.${i}`, message: 'no' }));
    const told = (await problem(422, 'No.', faults(51)).json()) as { faults: unknown[]; faultCount: number };
    expect([told.faults.length, told.faultCount]).toEqual([MOST_FAULTS, 51]);
    expect(await problem(422, 'No.', faults(50)).json()).not.toHaveProperty('faultCount');
  });
});
