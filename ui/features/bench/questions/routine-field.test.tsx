/** @jest-environment jsdom */
import { fireEvent, render, screen } from '@testing-library/react';
import { planCaseSchema } from '@core/testing';
import { fakeBrowserParts } from '../../../testing/screen';
import { RoutineField } from './routine-field';

beforeAll(fakeBrowserParts);

const said = (routine: unknown) =>
  planCaseSchema.safeParse({ genus: 'vanda', place: 'humid-terrace', routine }).success;

test('whatever rhythm is touched is one that a case may say; rain is given in no way of ours', () => {
  for (const name of ['every few days', 'weekdays', 'when dry', 'mist', 'rain alone']) {
    const onChange = jest.fn();
    const value = { kind: 'when dry', way: 'soak', soakMinutes: 15 };
    const { unmount } = render(<RoutineField value={value} fault={null} onChange={onChange} />);
    fireEvent.click(screen.getByRole('radio', { name }));
    for (const [routine] of onChange.mock.calls) expect([name, said(routine)]).toEqual([name, true]);
    unmount();
  }
  render(<RoutineField value={{ kind: 'rain' }} fault={null} onChange={jest.fn()} />);
  expect(screen.queryByRole('radio', { name: 'soak' })).toBeNull();
});
