import type { DryingTime } from '../../physics/drydown';
import { type RankedSetup, distinctions } from './distinctions';

const plain = {
  isAsItIs: false,
  shares: { 'forgives a late week': 0.9, 'forgives an early hand': 0.9 },
  costs: { rarity: 0, change: 0 },
  airAfterWatering: 0.4,
  lifeYears: 3,
  pricePerYear: 2,
  minutesPerWeek: 1,
  daysByMonth: [{ status: 'dries', days: 5 } as DryingTime],
} as unknown as RankedSetup;
const other = (change: object): RankedSetup => ({ ...plain, ...change });

test('the first is the best all round; each other is there for what it leads in, told once', () => {
  const shelf = [
    plain,
    other({ lifeYears: 9 }),
    other({ lifeYears: 6 }),
    other({ airAfterWatering: 0.6 }),
    other({ minutesPerWeek: 0.2 }),
    plain,
  ];
  expect(distinctions(shelf)).toEqual([
    { code: 'best all round' },
    { code: 'leads all', in: 'life' },
    { code: 'leads the first', in: 'life' },
    { code: 'leads all', in: 'air' },
    { code: 'leads all', in: 'work' },
    { code: 'next best' },
  ]);
});

test('what it stands in comes before any lead; an empty shelf has no words', () => {
  expect(distinctions([other({ isAsItIs: true, lifeYears: 9 }), plain])[0]).toEqual({ code: 'as it is, larger' });
  expect(distinctions([other({ isAsItIs: true, isNoWider: true }), plain])[0]).toEqual({ code: 'as it is, fresh mix' });
  // Said of the best of them; the next has to lead in something.
  expect(distinctions([plain, other({ isAsItIs: true }), other({ isAsItIs: true, lifeYears: 9 })])[2]).toEqual({
    code: 'leads the first',
    in: 'life',
  });
  expect(distinctions([])).toEqual([]);
});
