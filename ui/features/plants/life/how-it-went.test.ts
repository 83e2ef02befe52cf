import { foreseenBetween, howItWent, keptBetween } from './how-it-went';

const id = '6f1de3a2-6c0f-4b6a-9a5e-0c5a1b2d3e4f';
const watered = (happenedOn: string) => ({ kind: 'watered', happenedOn }) as const;
const potting = { id, pottedOn: '2027-04-01', planCase: { liveRootsPct: 90 } };
const judged = (happenedOn: string, more: object = {}) => ({
  kind: 'nursed',
  happenedOn,
  pottingId: id,
  task: 'tug',
  outcome: 'done',
  holds: 'holds',
  ...more,
});
type Life = Parameters<typeof howItWent>[0];
const life = (change: object = {}) =>
  ({
    pottings: [potting],
    inspections: [],
    care: [],
    waterDays: null,
    nextWatering: null,
    ...change,
  }) as unknown as Life;

test('days between waterings are those written down since the potting, where there are enough', () => {
  const care = ['2027-03-20', '2027-04-02', '2027-04-08', '2027-04-14', '2027-04-20'].map(watered);
  expect(keptBetween(care, '2027-04-01', '2027-05-01')).toBe(6);
  expect(keptBetween(care, '2027-04-01', '2027-04-15')).toBeNull();
});

test('what was foreseen is the mean over the days of those months', () => {
  const waterDays = Array.from({ length: 12 }, (_, month) => month + 1);
  expect(foreseenBetween(waterDays, '2027-04-01', '2027-04-30')).toBe(4);
  expect(foreseenBetween(waterDays, '2027-04-16', '2027-05-15')).toBeCloseTo(4.5, 6);
  expect(foreseenBetween(null, '2027-04-01', '2027-04-30')).toBeNull();
});

test('a judgement of the newest potting is held against what is on record; one of an earlier potting is not told', () => {
  const care = [judged('2027-05-10'), { ...judged('2027-05-09'), pottingId: '00000000-0000-4000-8000-000000000000' }];
  const inspections = [{ inspectedOn: '2027-05-08', inspection: { liveRootsPct: 60 } }];
  const [one, ...none] = howItWent(life({ care, inspections }));
  expect(none).toEqual([]);
  expect(one).toMatchObject({ on: '2027-05-10', judgement: { roots: { thenPct: 90, nowPct: 60 } } });
  expect(howItWent(life({ pottings: [] }))).toEqual([]);
});

test('growth is counted from what was said at the potting to the newest count', () => {
  const planCase = { genus: 'oncidium', place: 'heated-flat', shootCount: 4, liveRootsPct: 90 };
  const inspections = [{ inspectedOn: '2028-03-31', inspection: { shootCount: 6 } }];
  const care = [judged('2028-04-02')];
  const [one] = howItWent(life({ pottings: [{ ...potting, planCase }], inspections, care }));
  expect(one!.judgement.shoots!.found).toBe(2);
  expect(one!.judgement.shoots!.foreseen).toBeGreaterThan(0.5);
});

test('by the finger slower than reckoned, it is said', () => {
  const care = [judged('2027-05-10', { tips: 'none', holds: 'gives a little' })];
  const [one] = howItWent(life({ care, nextWatering: { on: '2027-05-11', days: 9, factor: 1.5 } }));
  expect(one!.judgement.advice).toContain('water later');
});
