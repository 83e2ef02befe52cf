/** @jest-environment jsdom */
import { act, fireEvent, render, screen } from '@testing-library/react';
import { messages, useMessages } from '../data/messages';
import { Messages } from './messages';

beforeEach(() => {
  jest.useFakeTimers();
  useMessages.setState([], true);
  render(<Messages />);
});
afterEach(() => jest.useRealTimers());

const wait = (seconds: number) => act(() => jest.advanceTimersByTime(seconds * 1000));

test('what was kept is said for a while, then goes', () => {
  act(() => messages.success('Kept'));
  expect(screen.getByRole('status').textContent).toContain('Kept');
  wait(4.9);
  expect(screen.queryByText('Kept')).not.toBeNull();
  wait(0.2);
  expect(screen.queryByText('Kept')).toBeNull();
});

test('a refusal breaks in on the reader, and stays longer', () => {
  act(() => messages.error('Refused'));
  wait(6);
  expect(screen.getByRole('alert').textContent).toContain('Refused');
});

test('it waits while it is pointed at or focused, so that slow hands reach what it offers', () => {
  const take = jest.fn();
  act(() => messages.info('Deleted.', { key: 'a', seconds: 2, action: { name: 'Undo', take } }));
  fireEvent.mouseEnter(screen.getByRole('status'));
  wait(20);
  fireEvent.click(screen.getByRole('button', { name: 'Undo' }));
  expect(take).toHaveBeenCalledTimes(1);
  fireEvent.mouseLeave(screen.getByRole('status'));
  wait(2.1);
  expect(screen.queryByRole('status')).toBeNull();
});

test('the same thing said again takes the place of the first', () => {
  act(() => messages.info('first', { key: 'a' }));
  act(() => messages.info('second', { key: 'a' }));
  expect(screen.getAllByRole('status').map((line) => line.textContent)).toEqual(['second']);
});
