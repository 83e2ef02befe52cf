import { checkWith } from '../base';
import { mediumIds } from '../catalogue/media';
import { amountNow } from './amount';
import { atHandOf } from './at-hand';
import { type InStock, stockNeedsOf, takesFrom } from './needs';
import { costOf, unitPrice } from './price';
import { stockItemSchema, stockName, type StockThing, stockThingSchema, usesLeftOf } from './thing';

const bark: StockThing = { kind: 'medium', mediumId: 'bark-6-12' };
const clearPot: StockThing = { kind: 'pot', potKindId: 'plastic-clear-cone', rimDiameterCm: 12 };
const there = (id: string, thing: StockThing, amount: number): InStock => ({ id, thing, amount });

test('the last count, and what came and went since', () => {
  expect(amountNow([])).toBe(0);
  expect(
    amountNow([
      { kind: 'bought', amount: 0.1 },
      { kind: 'bought', amount: 0.2 },
    ]),
  ).toBe(0.3);
  expect(
    amountNow([
      { kind: 'taken', amount: 3 },
      { kind: 'counted', amount: 2 },
      { kind: 'taken', amount: 3 },
    ]),
  ).toBe(-1);
});

describe('what a potting takes', () => {
  const spec = {
    approach: 'wick reservoir',
    vessel: { kind: 'pot', potKindId: 'wick-pot', rimDiameterCm: 12, wickCount: 2 },
    layers: [
      { role: 'crocking', mix: [{ mediumId: 'bark-9-15', parts: 1 }], heightCm: 2 },
      {
        role: 'main',
        mix: [
          { mediumId: 'bark-6-12', parts: 2 },
          { mediumId: 'bark-9-15', parts: 1, own: { name: 'Sieved', likeId: 'bark-9-15' } },
        ],
        heightCm: 7,
      },
    ],
  } as const;
  const recipe = [
    { mediumId: 'bark-9-15', takeL: 0.2 },
    { mediumId: 'bark-6-12', takeL: 0.5 },
    { mediumId: 'bark-9-15', takeL: 0.25 },
  ];

  test('each medium once, the grower’s own apart, the vessel, the wicks', () => {
    expect(stockNeedsOf(spec, recipe)).toEqual([
      { thing: { kind: 'medium', mediumId: 'bark-9-15' }, amount: 0.2 },
      { thing: { kind: 'medium', mediumId: 'bark-6-12' }, amount: 0.5 },
      { thing: { kind: 'medium', mediumId: 'bark-9-15', ownName: 'Sieved' }, amount: 0.25 },
      { thing: { kind: 'pot', potKindId: 'wick-pot', rimDiameterCm: 12 }, amount: 1 },
      { thing: { kind: 'sundry', sundry: 'wick' }, amount: 2 },
    ]);
  });

  test('a mount takes itself, and without a pad nothing else', () => {
    const mount = {
      approach: 'mount',
      vessel: { kind: 'mount', mountKindId: 'cork-slab', widthCm: 15, padThicknessCm: 0 },
      layers: [{ role: 'main', mix: [{ mediumId: 'bark-6-12', parts: 1 }], heightCm: 1 }],
    } as const;
    expect(stockNeedsOf(mount, [])).toEqual([
      { thing: { kind: 'mount', mountKindId: 'cork-slab', widthCm: 15 }, amount: 1 },
    ]);
  });

  test('used up first what was used before, if there is enough; short is told; nothing of the kind is no shortage', () => {
    const needs = [
      { thing: clearPot, amount: 1 },
      { thing: bark, amount: 3 },
      { thing: { kind: 'sundry', sundry: 'wick' } as const, amount: 2 },
    ];
    const stock = [
      there('new', clearPot, 9),
      there('washed', { ...clearPot, used: 'washed' }, 2),
      there('dirty', { ...clearPot, used: 'to be washed' }, 30),
      there('bark', bark, 1.5),
    ];
    const takes = takesFrom(needs, stock, null);
    expect(takes.map(({ from, shortBy }) => [from?.id ?? null, shortBy])).toEqual([
      ['washed', 0],
      ['bark', 1.5],
      [null, 0],
    ]);
    const few = takesFrom([{ thing: clearPot, amount: 3 }], stock, null);
    expect(few[0]!.from!.id).toBe('new');
  });

  // Common practice, no source: rinsed for the same plant, boiled for another, and as crocking only in between.
  test('used stones serve the plant they came from, or any once they are boiled', () => {
    const stone = mediumIds.find((id) => usesLeftOf(id).includes('boiled'))!;
    const need = [{ thing: { kind: 'medium', mediumId: stone } as const, amount: 1 }];
    const used = (state: object) => [
      there('it', stockThingSchema.parse({ kind: 'medium', mediumId: stone, ...state }), 5),
    ];
    const isTaken = (state: object, plant: string | null) => takesFrom(need, used(state), plant)[0]!.from !== null;
    expect(isTaken({ used: 'same plant', usedWith: 'Old Vanda' }, 'Old Vanda')).toBe(true);
    expect(isTaken({ used: 'same plant', usedWith: 'Old Vanda' }, 'Another')).toBe(false);
    expect(isTaken({ used: 'same plant', usedWith: 'Old Vanda' }, null)).toBe(false);
    expect(isTaken({ used: 'boiled' }, 'Another')).toBe(true);
    expect(isTaken({ used: 'crocking' }, 'Another')).toBe(false);
  });
});

describe('what may be kept', () => {
  const codes = (thing: object) => {
    const checked = checkWith(stockThingSchema, thing);
    return checked.status === 'ok' ? [] : checked.faults.map(({ path, fact }) => `${path}: ${fact.code}`);
  };
  // Common practice, no source.
  test('spent bark and moss are not kept; synthetic chips cannot be boiled', () => {
    expect(codes({ ...bark, used: 'boiled' })).toEqual(['used: not used again']);
    const synthetic = mediumIds.find((id) => usesLeftOf(id).join() === 'same plant,crocking')!;
    expect(codes({ kind: 'medium', mediumId: synthetic, used: 'boiled' })).toEqual(['used: not used again']);
    expect(codes({ kind: 'medium', mediumId: synthetic, used: 'same plant', usedWith: 'Old Vanda' })).toEqual([]);
  });
  test('“same plant” says which; a bag is of media', () => {
    const stone = mediumIds.find((id) => usesLeftOf(id).includes('boiled'))!;
    expect(codes({ kind: 'medium', mediumId: stone, used: 'same plant' })).toEqual(['usedWith: not empty']);
    expect(codes({ ...bark, usedWith: 'Old Vanda' })).toEqual(['usedWith: only used']);
    expect(stockItemSchema.safeParse({ thing: clearPot, bagL: 20 }).success).toBe(false);
    expect(stockItemSchema.safeParse({ thing: bark, price: { amount: 3, currency: 'euro' } }).success).toBe(false);
  });
});

test('the bench proposes what there is something of', () => {
  const stock = [
    there('a', bark, 3),
    there('b', { kind: 'medium', mediumId: 'bark-9-15' }, 0),
    there('c', { ...clearPot, heightCm: 10 }, 4),
    there('d', { ...clearPot, used: 'to be washed' }, 4),
    there('e', { kind: 'sundry', sundry: 'tag' }, 4),
  ];
  expect(atHandOf(stock, null)).toEqual({
    mediaAtHand: ['bark-6-12'],
    ownPots: [{ potKindId: 'plastic-clear-cone', rimDiameterCm: 12, heightCm: 10, count: 4 }],
  });
});

test('what was used before is at hand only for whom it may serve', () => {
  const stone = mediumIds.find((id) => usesLeftOf(id).includes('boiled'))!;
  const used = (state: object) => [
    there('it', stockThingSchema.parse({ kind: 'medium', mediumId: stone, ...state }), 5),
  ];
  const mine = used({ used: 'same plant', usedWith: 'Old Vanda' });
  expect(atHandOf(mine, 'Old Vanda').mediaAtHand).toEqual([stone]);
  expect(atHandOf(mine, 'Another').mediaAtHand).toEqual([]);
  expect(atHandOf(used({ used: 'crocking' }), 'Old Vanda').mediaAtHand).toEqual([]);
  expect(atHandOf(used({ used: 'boiled' }), null).mediaAtHand).toEqual([stone]);
});

test('a litre costs its share of the bag; sums stay apart by currency; what has no price is told', () => {
  const bag = { price: { amount: 18, currency: 'EUR' }, bagL: 20 };
  expect(unitPrice(bag)).toBeCloseTo(0.9, 12);
  expect(unitPrice({})).toBeNull();
  const lines = [
    { item: bag, amount: 2 },
    { item: { price: { amount: 3, currency: 'GBP' } }, amount: 1 },
    { item: {}, amount: 5 },
  ];
  expect(costOf(lines)).toEqual({
    sums: [
      { currency: 'GBP', amount: 3 },
      { currency: 'EUR', amount: 1.8 },
    ],
    unpriced: 1,
  });
});

test('names tell what it is and how it was used', () => {
  expect(stockName({ ...clearPot, used: 'to be washed' })).toBe('Clear plastic pot with air cone 12 cm, to be washed');
  expect(stockName({ kind: 'sundry', sundry: 'other', ownName: 'Label pen' })).toBe('Label pen');
  expect(stockName({ kind: 'sundry', sundry: 'wick' })).toBe('wick');
});
