import { randomUUID } from 'node:crypto';
import { cursorOf, firstPage, MOST_PER_PAGE, pageOf, readCursor, USUAL_PER_PAGE } from './page';

const asked = (query: string) => pageOf(new Request(`http://localhost/api/plants${query}`));

test('without a wish: the first page, of usual length', () => {
  expect(asked('')).toEqual(firstPage);
});

test.each([
  ['?limit=50', 50],
  [`?limit=${MOST_PER_PAGE}`, MOST_PER_PAGE],
  [`?limit=${MOST_PER_PAGE + 1}`, USUAL_PER_PAGE],
  ['?limit=0', USUAL_PER_PAGE],
  ['?limit=-3', USUAL_PER_PAGE],
  ['?limit=2.5', USUAL_PER_PAGE],
  ['?limit=all', USUAL_PER_PAGE],
  ['?limit=', USUAL_PER_PAGE],
])('%s gives %d a page', (query, limit) => {
  expect(asked(query).limit).toBe(limit);
});

test.each(['Attic', 'Größe 9', 'a"b\\c', '蘭', ''])('a cursor comes back as it was: %p', (name) => {
  const cursor = { name, id: randomUUID() };
  const query = new URLSearchParams({ after: cursorOf(cursor) });
  expect(readCursor(asked(`?${query}`).after)).toEqual(cursor);
});

test.each([
  ['none', null],
  ['no base64', '%%%'],
  ['no JSON', Buffer.from('no json').toString('base64url')],
  ['no object', Buffer.from('3').toString('base64url')],
  ['no id', Buffer.from('{"name":"A"}').toString('base64url')],
  ['an id that is none', Buffer.from(`{"name":"A","id":"' or 1=1"}`).toString('base64url')],
])('%s is no cursor', (_what, text) => {
  expect(readCursor(text)).toBeNull();
});

test('a cursor with NUL in it is none', () => {
  const cursor = cursorOf({ name: 'a\0b', id: '6f1de3a2-6c0f-4b6a-9a5e-0c5a1b2d3e4f' });
  expect(readCursor(cursor)).toBeNull();
});
