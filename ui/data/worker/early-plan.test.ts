import { emptyDraft, readCase } from '../bench-draft';
import { isOpening, keyOf, OPENING, openingCase } from './early-plan';

const september = new Date('2026-09-10T10:00:00');

beforeEach(() => jest.useFakeTimers({ now: september }));
afterEach(() => jest.useRealTimers());

test('a new browser opens with the case the page begins with, this month', () => {
  const page = readCase(emptyDraft(9).answers);
  expect(page.status).toBe('ok');
  expect(keyOf(openingCase())).toBe(page.status === 'ok' ? keyOf(page.planCase) : '');
});

test('calls of the page are not taken for an opening', () => {
  expect([isOpening({ type: 'APPLY', path: ['plan'] }), isOpening(null), isOpening(OPENING)]).toEqual([
    false,
    false,
    true,
  ]);
});
