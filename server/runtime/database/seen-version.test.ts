import { meetingOf } from './seen-version';

test.each([
  ['whoever saw what is kept may write', 3, 3, false, 'writable'],
  ['the same change sent again is there already', 2, 3, true, 'there already'],
  ['another change by then is told', 2, 3, false, 'changed meanwhile'],
  ['what says the same by chance, seen long before, is told too', 1, 3, true, 'changed meanwhile'],
  ['whoever names no version has not seen it', null, 1, true, 'changed meanwhile'],
  ['a version that has not been yet', 4, 3, false, 'changed meanwhile'],
] as const)('%s', (_what, seen, version, isSame, meeting) => {
  expect(meetingOf(seen, version, () => isSame)).toBe(meeting);
});

test('whether it is the same is asked only where it matters', () => {
  const isSame = jest.fn(() => true);
  meetingOf(3, 3, isSame);
  meetingOf(null, 3, isSame);
  expect(isSame).not.toHaveBeenCalled();
});
