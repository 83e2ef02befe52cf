import type { PlanCase } from '../case';
import { planCaseSchema, resolveCase } from '../testing';
import { divisionOf } from './division';

const ask = (planCase: Omit<PlanCase, 'place'>) =>
  divisionOf(resolveCase(planCaseSchema.parse({ place: 'kitchen-sill', ...planCase })).plant);

// Common practice, no source.
test('slippers part into fans of three', () => {
  expect(ask({ genus: 'phragmipedium', shootCount: 6 })).toMatchObject({ pieces: 2, rule: { way: 'fans' } });
  expect(ask({ genus: 'phragmipedium', shootCount: 5 })).toEqual({ code: 'leave whole', why: 'too few' });
});

// Common practice, no source.
test('pieces keep four bulbs with roots; fewer are left whole', () => {
  expect(ask({ genus: 'oncidium', shootCount: 9 })).toMatchObject({ code: 'could be divided', pieces: 2 });
  expect(ask({ genus: 'oncidium', shootCount: 8 })).toMatchObject({ code: 'could be divided', pieces: 2 });
  expect(ask({ genus: 'oncidium', shootCount: 7 })).toEqual({ code: 'leave whole', why: 'too few' });
});

test('never fussy roots for the sake of numbers, nor what is divided seldom, nor a plant going backwards', () => {
  expect(ask({ genus: 'miltoniopsis', shootCount: 14 })).toEqual({ code: 'leave whole', why: 'fussy roots' });
  expect(ask({ genus: 'cymbidium', shootCount: 9 })).toEqual({ code: 'leave whole', why: 'divide seldom' });
  expect(ask({ genus: 'cymbidium', shootCount: 16 })).toMatchObject({ code: 'could be divided', pieces: 4 });
  expect(ask({ genus: 'oncidium', shootCount: 12, liveRootsPct: 50 })).toEqual({
    code: 'leave whole',
    why: 'poor roots',
  });
});

test('bulbs that sleep without roots part by themselves', () => {
  expect(ask({ genus: 'catasetum', shootCount: 5, signs: { leavesShed: true } })).toEqual({ code: 'parts by itself' });
});

test('a single stem, a plant of few shoots, a failing one and a seedling raise no question', () => {
  expect(ask({ genus: 'phalaenopsis', shootCount: 1 })).toBeNull();
  expect(ask({ genus: 'oncidium', shootCount: 2 })).toBeNull();
  expect(ask({ genus: 'oncidium', shootCount: 9, liveRootsPct: 10, signs: { tips: 'none' } })).toBeNull();
  expect(ask({ genus: 'oncidium', stage: 'seedling' })).toBeNull();
});
