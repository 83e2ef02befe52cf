/** @jest-environment jsdom */
import { fireEvent, screen } from '@testing-library/react';
import { show, fakeBrowserParts } from '../testing/screen';
import { UnitsProvider } from '../data/units-context';
import { LengthNumber } from './length-number';

beforeAll(fakeBrowserParts);
afterEach(() => localStorage.clear());

function field(length: 'metric' | 'inch') {
  localStorage.setItem('tender-cairn.units', JSON.stringify({ length, temperature: 'C' }));
  const onChange = jest.fn();
  show(
    <UnitsProvider>
      <LengthNumber id="rim" valueCm={12.7} usualCm={25.4} onChange={onChange} />
    </UnitsProvider>,
  );
  return { onChange, input: screen.getByRole('spinbutton') as HTMLInputElement };
}

test('centimetres are shown and kept as they are', () => {
  const { onChange, input } = field('metric');
  expect(input.value).toBe('12.7');
  expect(input.placeholder).toBe('usually 25.4');
  fireEvent.change(input, { target: { value: '14' } });
  expect(onChange).toHaveBeenLastCalledWith(14);
});

test('inches are shown, and centimetres kept', () => {
  const { onChange, input } = field('inch');
  expect(Number(input.value)).toBe(5);
  expect(input.placeholder).toBe('usually 10');
  fireEvent.change(input, { target: { value: '6' } });
  expect(onChange).toHaveBeenLastCalledWith(15.24);
});
