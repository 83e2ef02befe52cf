import type { DueList } from '@server/projections/due/schemas';
import type { DayList } from '@server/records/days/schemas';
import { plannedDates } from './planned-dates';

const planned = (plantId: string, forOn: string | null): DueList['planned'][number] =>
  ({ plantId, planned: { forOn } }) as DueList['planned'][number];
const day = (on: string, isStopped = false): DayList['days'][number] => ({ on, isStopped }) as DayList['days'][number];

test('days to come are offered with their plants, the soonest first; what is past or prepared is not', () => {
  const due = {
    today: '2027-03-01',
    planned: [
      planned('late', '2027-04-01'),
      planned('a', '2027-03-06'),
      planned('b', '2027-03-06'),
      planned('today', '2027-03-01'),
      planned('missed', '2027-02-01'),
      planned('some day', null),
      planned('prepared', '2027-03-20'),
      planned('again', '2027-03-25'),
    ],
  };
  const days = [day('2027-03-20'), day('2027-03-25', true)];
  expect(plannedDates(due, days)).toEqual([
    { date: '2027-03-01', plantIds: ['today'] },
    { date: '2027-03-06', plantIds: ['a', 'b'] },
    { date: '2027-03-25', plantIds: ['again'] },
    { date: '2027-04-01', plantIds: ['late'] },
  ]);
});
