/** The figures of a life, from what its log says. */
import type { PlantLog } from '@server/projections/plants/schemas';
import { bedAge, keptDays, mapsThatMatch, shootsByYear, shootsWithDays } from './figures';

const map = (...xs: readonly number[]) => ({
  plants: [
    { bulbs: xs.slice(0, -1).map((xCm) => ({ xCm, yCm: 0 })), leads: [{ xCm: xs.at(-1)!, yCm: 0, headingDeg: 0 }] },
  ],
});
const looked = (inspectedOn: string, inspection: object) => ({ id: inspectedOn, version: 1, inspectedOn, inspection });
const potted = (pottedOn: string, planCase: object) => ({ id: pottedOn, pottedOn, planCase });
const lifeOf = (pottings: readonly object[], inspections: readonly object[]) =>
  ({ pottings, inspections }) as unknown as Pick<PlantLog, 'pottings' | 'inspections'>;
const quickOf = (...days: readonly string[]) =>
  ({ care: days.map((happenedOn) => ({ kind: 'watered', happenedOn })) }) as unknown as Pick<PlantLog, 'care'>;

test('the age of the bed stands against the day on which it is spent here', () => {
  const needs = [{ kind: 'medium spent', dueOn: '2026-01-01' }] as unknown as PlantLog['needs'];
  const age = bedAge({ inMediumSince: '2024-01-01', needs }, '2025-01-01')!;
  expect([age.years, age.lifeYears]).toEqual([expect.closeTo(1, 2), expect.closeTo(2, 2)]);
  expect(bedAge({ inMediumSince: '2024-01-01', needs: [] }, '2025-01-01')!.lifeYears).toBeNull();
  expect(bedAge({ inMediumSince: null, needs }, '2025-01-01')).toBeNull();
});

test('shoots as last counted in each year, on a map or by number', () => {
  const life = lifeOf(
    [potted('2023-04-01', { shootCount: 4 }), potted('2021-04-01', {})],
    [
      looked('2024-05-01', { growthMap: map(0, 3, 6, 9, 12) }),
      looked('2024-02-01', { shootCount: 9 }),
      looked('2022-05-01', { smell: 'fresh' }),
    ],
  );
  expect(shootsByYear(life)).toEqual([
    { year: '2023', shoots: 4 },
    { year: '2024', shoots: 5 },
  ]);
});

test('maps that lie on each other, also over a repotting, and each shoot with the map it first stood on', () => {
  const life = lifeOf(
    [potted('2023-04-01', { growthMap: map(0, 3) })],
    [
      looked('2025-04-01', { growthMap: map(0, 3, 6, 9) }),
      looked('2024-04-01', { growthMap: map(0, 3, 6) }),
      looked('2022-01-01', { growthMap: map(50, 53) }),
    ],
  );
  const maps = mapsThatMatch(life);
  expect(maps.map(({ day }) => day)).toEqual(['2023-04-01', '2024-04-01', '2025-04-01']);
  expect(shootsWithDays(maps).map(({ xCm, since }) => [xCm, since])).toEqual([
    [0, '2023-04-01'],
    [3, '2023-04-01'],
    [6, '2024-04-01'],
    [9, '2025-04-01'],
  ]);
});

test('days between waterings are the middle of the last ten; two waterings of a day are one', () => {
  expect(keptDays(quickOf('2026-01-01', '2026-01-08', '2026-01-08', '2026-01-14', '2026-02-14'))).toBe(7);
  expect(keptDays(quickOf('2026-01-01', '2026-01-03', '2026-01-06', '2026-01-10', '2026-01-15'))).toBe(3.5);
  expect(keptDays(quickOf('2026-01-01', '2026-01-08'))).toBeNull();
});
