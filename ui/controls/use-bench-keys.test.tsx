/** @jest-environment jsdom */
import { fireEvent, render } from '@testing-library/react';
import { keyIndex, keyTable, type BenchKey } from './keys';
import { type KeyHandlers, useBenchKeys } from './use-bench-keys';

type Pressed = (readonly [BenchKey, number])[];

function Bench({ pressed }: { readonly pressed: Pressed }) {
  const names = Object.entries(keyTable).flatMap(([name, { where }]) => (where === 'bench' ? [name as BenchKey] : []));
  const handlers = Object.fromEntries(names.map((name) => [name, (index: number) => pressed.push([name, index])]));
  useBenchKeys(handlers as unknown as KeyHandlers);
  return (
    <>
      <input aria-label="typed" />
      <div role="slider" tabIndex={0} aria-label="slid" aria-valuenow={1} />
    </>
  );
}

const codes: Readonly<Record<string, string>> = { '/': 'Slash', '?': 'Slash', z: 'KeyZ' };
const press = (target: Element, key: string, more: object = {}) =>
  fireEvent.keyDown(target, { key, code: codes[key] ?? key, ...more });

function bench() {
  const pressed: Pressed = [];
  const { getByLabelText } = render(<Bench pressed={pressed} />);
  return { pressed, typed: getByLabelText('typed'), slid: getByLabelText('slid') };
}

test('every key of the table that holds on the bench does what it says', () => {
  const { pressed } = bench();
  for (const entry of Object.values(keyTable)) {
    if (entry.where !== 'bench') continue;
    for (const key of entry.keys) press(document.body, key, 'withCommand' in entry ? { ctrlKey: true } : {});
  }
  expect(pressed).toEqual([
    ...Array.from({ length: 9 }, (_, index) => ['choose', index]),
    ['hours', 0],
    ['hours', 1],
    ['undo', 0],
    ['whatIf', 0],
    ['above', 0],
    ['beside', 0],
    ['potted', 0],
    ['planned', 0],
    ['inspect', 0],
    ['genus', 0],
    ['roots', 0],
    ['shows', 0],
    ['place', 0],
    ['watering', 0],
    ['now', 0],
    ['and', 0],
    ['help', 0],
  ]);
});

test('what is typed in a field is typed, not obeyed', () => {
  const { pressed, typed } = bench();
  for (const key of ['1', 'w', '/', 'ArrowLeft']) press(typed, key);
  expect(pressed).toEqual([]);
});

test('arrows on a slider belong to the slider; letters do not', () => {
  const { pressed, slid } = bench();
  press(slid, 'ArrowRight');
  press(slid, 'w');
  expect(pressed).toEqual([['whatIf', 0]]);
});

test('the browser’s own shortcuts stay its own', () => {
  const { pressed } = bench();
  press(document.body, 'w', { ctrlKey: true });
  press(document.body, 'p', { metaKey: true });
  press(document.body, 'z');
  expect(pressed).toEqual([]);
});

test('keys are found by what they write', () => {
  expect([keyIndex('layer', 'ArrowDown'), keyIndex('layer', 'ArrowUp'), keyIndex('layer', 'x')]).toEqual([0, 1, -1]);
});
