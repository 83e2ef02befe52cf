import { makePlan } from '../testing';
import { outlookOf, outlookSchema, roughOutlook } from './outlook';

const orchid = { genus: 'cattleya-unifoliate', place: 'heated-flat', routine: { kind: 'every', days: 5 } } as const;
const specs = makePlan(orchid).setups.map(({ spec }) => spec);
const pots = specs.flatMap((spec) => (spec.vessel.kind === 'pot' ? [{ spec, vessel: spec.vessel }] : []));
const { spec, vessel } = pots[0]!;
const widened = (byCm: number) => ({ ...spec, vessel: { ...vessel, rimDiameterCm: vessel.rimDiameterCm + byCm } });

test('a potted plant has all of it, as its schema says', () => {
  const outlook = outlookOf(orchid, spec);
  expect(outlookSchema.parse(outlook)).toEqual(outlook);
  expect(outlook.lifeYears).toBeGreaterThan(0.5);
  expect(outlook.waterDays).toHaveLength(12);
  expect(outlook.isRough).toBe(false);
});

test('a wider pot keeps its growth inside for longer', () => {
  const years = [0, 2, 4].map((byCm) => outlookOf(orchid, widened(byCm)).rim?.years ?? Infinity);
  expect(years[1]).toBeGreaterThan(years[0]!);
  expect(years[2]).toBeGreaterThanOrEqual(years[1]!);
});

test('half of the futures are at the rim on the day that is told, and few a spread sooner', () => {
  const { rim } = outlookOf(orchid, spec);
  expect(rim).not.toBeNull();
  expect(rim!.spreadYears).toBeGreaterThan(0);
  expect(rim!.spreadYears).toBeLessThan(rim!.years);
});

test('a mount has no rim', () => {
  const mounts = makePlan({ genus: 'angraecum', place: 'humid-terrace', routine: { kind: 'every', days: 1 } }).setups;
  const mount = mounts.find(({ spec: { vessel: on } }) => on.kind === 'mount');
  expect(mount).toBeDefined();
  expect(outlookOf({ ...orchid, place: 'humid-terrace' }, mount!.spec).rim).toBeNull();
});

test('where only the medium is known it says its life in that place, shorter where it is warm', () => {
  const of = (place: string) => roughOutlook({ ...orchid, place, current: { mediumId: 'bark-6-12' } }).lifeYears!;
  expect(of('humid-terrace')).not.toBe(of('cool-shade'));
  expect(of('cool-shade')).toBeGreaterThan(of('humid-terrace'));
  expect(roughOutlook(orchid)).toMatchObject({ lifeYears: null, rim: null, isRough: true });
});
