/** What each layer is there for, told by the same pot without it. */
import { resolveCase, type SetupSpec } from '../case';
import { contextOf, factsOf } from '../decide/setups';
import { layerWork } from './layer-work';

const context = contextOf(resolveCase({ genus: 'phalaenopsis', place: 'heated-flat' }));
const mixOf = (mediumId: string) => [{ mediumId, parts: 1 }];
const setup = (layers: SetupSpec['layers']): SetupSpec => ({
  approach: 'organic pot',
  vessel: { kind: 'pot', potKindId: 'plastic-round', rimDiameterCm: 12 },
  layers,
});
const workOf = (layers: SetupSpec['layers']) => layerWork(context, factsOf(context, setup(layers)));
const main = (heightCm: number) => ({ role: 'main', mix: mixOf('bark-6-12'), heightCm }) as const;

test('crocking: less water, more air, more weight (common practice, no source)', () => {
  const [crocking] = workOf([{ role: 'crocking', mix: mixOf('pebbles-16-32'), heightCm: 2 }, main(8)]);
  expect(crocking).toMatchObject({ role: 'crocking', mediumName: 'Pebbles 16–32 mm', heightCm: 2, stopsLight: false });
  expect(crocking!.waterG).toBeLessThan(-10);
  expect(crocking!.weightG).toBeGreaterThan(50);
  expect(crocking!.days).toBeLessThan(crocking!.daysWithout);
});

test('gravel on top: it stops light, is heavy and slows the drying of what lies under it', () => {
  const [top] = workOf([main(9), { role: 'top dressing', mix: mixOf('gravel-4-8'), heightCm: 1 }]);
  expect(top).toMatchObject({ role: 'top dressing', stopsLight: true });
  expect(top!.weightG).toBeGreaterThan(50);
});

test('coarse bark over fine stops light too', () => {
  const [top] = workOf([main(8), { role: 'top dressing', mix: mixOf('bark-12-25'), heightCm: 2.5 }]);
  expect(top).toMatchObject({ stopsLight: true });
});

test('moss on top holds water and lets light by', () => {
  const [top] = workOf([main(9), { role: 'top dressing', mix: mixOf('live-moss'), heightCm: 1 }]);
  expect(top).toMatchObject({ stopsLight: false });
  expect(top!.waterG).toBeGreaterThan(0);
});

test('a pot of one layer, and a mount, have none', () => {
  expect(workOf([main(10)])).toEqual([]);
  const mount: SetupSpec = {
    approach: 'mount',
    vessel: { kind: 'mount', mountKindId: 'mount-cork', widthCm: 12, padThicknessCm: 1 },
    layers: [{ role: 'main', mix: mixOf('sphagnum-loose'), heightCm: 1 }],
  };
  expect(layerWork(context, factsOf(context, mount))).toEqual([]);
});
