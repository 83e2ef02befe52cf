/** @jest-environment jsdom */
import { fireEvent, render, screen } from '@testing-library/react';
import { NumberField } from './number-field';

test.each(['-500', '', 'much'])(
  '“%s” is not taken, and the range is said; what is right is taken with either comma',
  (typed) => {
    const taken: number[] = [];
    render(
      <NumberField
        label="Water, L"
        value={5}
        step={1}
        range={{ min: 1, max: 50 }}
        onChange={(value) => taken.push(value)}
      />,
    );
    const input = screen.getByLabelText('Water, L', { selector: 'input' });
    fireEvent.change(input, { target: { value: typed } });
    fireEvent.blur(input);
    expect(taken).toEqual([]);
    expect(input).toHaveProperty('value', '5');
    expect(screen.getByRole('alert').textContent).toContain('Water, L: 1 to 50');
    fireEvent.change(input, { target: { value: '2,5' } });
    fireEvent.blur(input);
    expect(taken).toEqual([2.5]);
    expect(screen.queryByRole('alert')).toBeNull();
  },
);
