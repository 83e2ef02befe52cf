import { emptyDraft, readCase } from '../bench-draft';
import { isOpening, keyOf, openingCase } from './early-plan';

const september = new Date('2026-09-10T10:00:00');

beforeEach(() => jest.useFakeTimers({ now: september }));
afterEach(() => jest.useRealTimers());

test('a new browser opens with the case the page begins with, this month', () => {
  const page = readCase(emptyDraft(9).answers);
  expect(page.status).toBe('ok');
  const early = openingCase({ cairnDraft: null })!;
  expect(keyOf(early)).toBe(page.status === 'ok' ? keyOf(page.planCase) : '');
});

test('a kept draft is planned as it was said, in the month it is now', () => {
  const draft = { ...emptyDraft(3), answers: { ...emptyDraft(3).answers, genus: 'vanda', shootCount: 4 } };
  expect(openingCase({ cairnDraft: JSON.stringify(draft) })).toMatchObject({ genus: 'vanda', shootCount: 4, month: 9 });
});

test('a value that cannot be used, and what is no draft, begin nothing wrong', () => {
  const draft = { ...emptyDraft(3), answers: { ...emptyDraft(3).answers, rootDiameterMm: 99 } };
  expect(openingCase({ cairnDraft: JSON.stringify(draft) })).toBeNull();
  expect(openingCase({ cairnDraft: '{"answers":' })).toMatchObject({ genus: 'phalaenopsis' });
});

test('calls of the page are not taken for an opening', () => {
  expect([isOpening({ type: 'APPLY', path: ['plan'] }), isOpening(null), isOpening({ cairnDraft: null })]).toEqual([
    false,
    false,
    true,
  ]);
});
