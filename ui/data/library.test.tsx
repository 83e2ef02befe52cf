/** @jest-environment jsdom */
import { act, renderHook, waitFor } from '@testing-library/react';
import { client } from './client';
import { useLibrary, usePutAway, useUnreadableItems } from './library';
import { everyPage, type Page } from './pages';
import { Around, fakeBrowserParts } from '../testing/screen';

jest.mock('./client', () => {
  const actual = jest.requireActual<typeof import('./client')>('./client');
  return { ...actual, client: { own: jest.fn(), remove: jest.fn(), restore: jest.fn() } };
});
const server = client as jest.Mocked<typeof client>;

beforeAll(fakeBrowserParts);

const media = ['a', 'b'].map((id) => ({ id, data: { name: `Bark ${id}`, likeId: 'bark-6-12' }, version: 1 }));

const shelf = () =>
  renderHook(
    () => ({ own: useLibrary('medium'), unreadable: useUnreadableItems('medium'), away: usePutAway('medium') }),
    {
      wrapper: Around,
    },
  );
const ids = (items: readonly { readonly id: string }[]) => items.map((item) => item.id);

beforeEach(() => {
  server.own.mockReset().mockResolvedValue({ items: media, unreadable: [], next: null });
  server.remove.mockReset().mockResolvedValue(undefined);
  server.restore.mockReset().mockResolvedValue(undefined);
});

test('put away at once, before the server has said so, and offered back', async () => {
  const { result } = shelf();
  await waitFor(() => expect(ids(result.current.own)).toEqual(['a', 'b']));
  let settle: () => void = () => undefined;
  server.remove.mockReturnValue(new Promise<void>((resolve) => (settle = resolve)));
  act(() => result.current.away.putAway('a'));
  await waitFor(() => expect(ids(result.current.own)).toEqual(['b']));
  expect(result.current.away.undo).toBeNull();
  server.own.mockResolvedValue({ items: [media[1]!], unreadable: [], next: null });
  settle();
  await waitFor(() => expect(result.current.away.undo).not.toBeNull());
  act(() => result.current.away.undo!());
  await waitFor(() => expect(server.restore).toHaveBeenCalledWith('own/medium', 'a'));
});

test('what the server refuses to delete comes back', async () => {
  const { result } = shelf();
  await waitFor(() => expect(result.current.own).toHaveLength(2));
  server.remove.mockRejectedValue(new Error('no'));
  act(() => result.current.away.putAway('a'));
  await waitFor(() => expect(server.remove).toHaveBeenCalled());
  await waitFor(() => expect(ids(result.current.own)).toEqual(['a', 'b']));
  expect(result.current.away.undo).toBeNull();
});

test('a list is asked for page by page, and one that does not end is said to', async () => {
  const odd = { id: 'o', name: 'Odd' };
  const pages = new Map<string | null, Page<number>>([
    [null, { items: [1, 2], unreadable: [odd], next: 'x' }],
    ['x', { items: [3], unreadable: [], next: null }],
  ]);
  expect(await everyPage((cursor) => Promise.resolve(pages.get(cursor)!))).toEqual({
    items: [1, 2, 3],
    unreadable: [odd],
  });
  const endless = { items: [], unreadable: [], next: 'again' };
  await expect(everyPage(() => Promise.resolve(endless))).rejects.toThrow(/does not end/);
});

test('what cannot be read is told beside what can', async () => {
  server.own.mockResolvedValue({ items: media, unreadable: [{ id: 'o', name: 'Odd bark' }], next: null });
  const { result } = shelf();
  await waitFor(() => expect(result.current.unreadable.map(({ name }) => name)).toEqual(['Odd bark']));
  expect(result.current.own).toHaveLength(2);
});
