/** @jest-environment jsdom */
import { QueryClientProvider } from '@tanstack/react-query';
import { act, renderHook, waitFor } from '@testing-library/react';
import { App } from 'antd';
import type { ReactNode } from 'react';
import { client } from './client';
import { useOwn, usePutAway } from './own';
import { everyPage } from './pages';
import { makeQueryClient } from './query-provider';

jest.mock('./client', () => {
  const actual = jest.requireActual<typeof import('./client')>('./client');
  return { ...actual, client: { own: jest.fn(), remove: jest.fn(), restore: jest.fn() } };
});
const server = client as jest.Mocked<typeof client>;

// The message of the component library looks at the screen's width.
window.matchMedia ??= ((query: string) => ({
  matches: false,
  media: query,
  addListener: () => undefined,
  removeListener: () => undefined,
  addEventListener: () => undefined,
  removeEventListener: () => undefined,
})) as unknown as typeof window.matchMedia;

const pots = ['a', 'b'].map((id) => ({ id, data: { potKindId: 'net-pot', rimDiameterCm: 9, count: 1 } }));

function shelf() {
  const queries = makeQueryClient();
  const wrapper = ({ children }: { readonly children: ReactNode }) => (
    <App>
      <QueryClientProvider client={queries}>{children}</QueryClientProvider>
    </App>
  );
  return renderHook(() => ({ own: useOwn('pot'), away: usePutAway('pot') }), { wrapper });
}
const ids = (items: readonly { readonly id: string }[]) => items.map((item) => item.id);

beforeEach(() => {
  server.own.mockReset().mockResolvedValue({ items: pots, unreadable: [], next: null });
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
  server.own.mockResolvedValue({ items: [pots[1]!], unreadable: [], next: null });
  settle();
  await waitFor(() => expect(result.current.away.undo).not.toBeNull());
  act(() => result.current.away.undo!());
  await waitFor(() => expect(server.restore).toHaveBeenCalledWith('own/pot', 'a'));
});

test('what the server refuses to put away comes back', async () => {
  const { result } = shelf();
  await waitFor(() => expect(result.current.own).toHaveLength(2));
  server.remove.mockRejectedValue(new Error('no'));
  act(() => result.current.away.putAway('a'));
  await waitFor(() => expect(server.remove).toHaveBeenCalled());
  await waitFor(() => expect(ids(result.current.own)).toEqual(['a', 'b']));
  expect(result.current.away.undo).toBeNull();
});

test('a list is asked for page by page, and one that does not end is said to', async () => {
  const pages = new Map<string | null, { items: number[]; next: string | null }>([
    [null, { items: [1, 2], next: 'x' }],
    ['x', { items: [3], next: null }],
  ]);
  expect(await everyPage((cursor) => Promise.resolve(pages.get(cursor)!))).toEqual([1, 2, 3]);
  await expect(everyPage(() => Promise.resolve({ items: [], next: 'again' }))).rejects.toThrow(/does not end/);
});
