import { emptyDraft, readCase } from './bench-draft';
import { nb } from '../controls/nb';
import { safeJson } from './browser/safe-json';

test('an empty bench already holds a case that can be worked out', () => {
  expect(readCase(emptyDraft(4).answers)).toMatchObject({
    status: 'ok',
    planCase: { genus: 'phalaenopsis', month: 4 },
  });
});

test('answers left open count as not given', () => {
  const reading = readCase({ ...emptyDraft(4).answers, rootDiameterMm: undefined, habit: null });
  expect(reading.status).toBe('ok');
});

test('a value that cannot be used is a fault with its path, not an exception', () => {
  const reading = readCase({ ...emptyDraft(4).answers, rootDiameterMm: 99, shootCount: 2.5 });
  expect(reading.status === 'faulty' && reading.faults.map((fault) => fault.path)).toEqual([
    'rootDiameterMm',
    'shootCount',
  ]);
});

test('numbers stay with their units', () => {
  expect(nb('roots of 4.9 mm at 21 °C, 50 %')).toBe('roots of 4.9\u00a0mm at 21\u00a0°C, 50\u00a0%');
});

test('damaged storage counts as absent', () => {
  expect(safeJson('{"a":')).toBeNull();
  expect(safeJson('{"a":1}')).toEqual({ a: 1 });
});
