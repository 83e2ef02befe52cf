import * as z from 'zod';
import { demoPlaces } from '../catalogue/places';
import { faultLine, parseWith } from '../words';
import { placeSchema } from './place-schema';
import { setupSpecSchema } from './setup-schema';
import { planCaseSchema } from '../testing';

const lines = (input: unknown, schema: z.ZodType = planCaseSchema) => {
  const parsed = parseWith(schema, input);
  return parsed.status === 'faulty' ? parsed.faults.map(faultLine) : [];
};

test('a good case passes', () => {
  expect(
    lines({
      genus: 'phalaenopsis',
      place: 'heated-flat',
      rootDiameterMm: 4.5,
      routine: { kind: 'weekdays', weekdays: [2, 6] },
    }),
  ).toEqual([]);
});

test.each([
  [
    { genus: 'phalaenopsis', place: 'heated-flat', rootDiameterMm: 40 },
    'rootDiameterMm: root thickness must be between 0.2 and 12 mm',
  ],
  [
    { genus: 'phalaenopsis', place: 'heated-flat', rootDiameterMm: 'thick' },
    'rootDiameterMm: root thickness must be between 0.2 and 12 mm',
  ],
  [
    { genus: 'phalaenopsis', place: 'heated-flat', routine: { kind: 'every', days: 90 } },
    'routine.days: days between waterings must be between 1 and 30 days',
  ],
  [
    { genus: 'phalaenopsis', place: 'heated-flat', routine: { kind: 'every', days: 2.5 } },
    'routine.days: days between waterings must be a whole number',
  ],
  [{ genus: 'phalaenopsis', place: 'heated-flat', month: 13 }, 'month: month must be between 1 and 12'],
  [{ genus: 'phalaenopsis', place: 'heated-flat', roots: 4 }, 'roots: is not a field this understands'],
])('%j is refused with path and range', (input, line) => {
  expect(lines(input)).toContain(line);
});

test('an unknown genus or place answers with the known ones', () => {
  const faults = lines({ genus: 'rose', place: 'moon' });
  expect(faults.find((line) => line.startsWith('genus:'))).toMatch(/phalaenopsis|cattleya/);
  expect(faults.find((line) => line.startsWith('place:'))).toMatch(/heated-flat/);
});

test('a whole place is taken, and an impossible humidity in it is named', () => {
  const { id: _id, ...place } = demoPlaces[0]!;
  expect(lines({ genus: 'phalaenopsis', place })).toEqual([]);
  const wrong = {
    ...place,
    months: place.months.map((month, i) =>
      i === 4 ? { ...month, day: { ...month.day, relativeHumidityPct: 140 } } : month,
    ),
  };
  expect(lines(wrong, placeSchema)).toEqual([
    'months.4.day.relativeHumidityPct: relative humidity must be between 1 and 100 %',
  ]);
});

test('a setup needs one main layer, known media and sane heights', () => {
  const spec = {
    approach: 'organic pot',
    vessel: { kind: 'pot', potKindId: 'plastic-round', rimDiameterCm: 12 },
    layers: [{ role: 'main', mix: [{ mediumId: 'bark-6-12', parts: 1 }], heightCm: 9 }],
  };
  expect(lines(spec, setupSpecSchema)).toEqual([]);
  expect(lines({ ...spec, layers: [{ ...spec.layers[0], role: 'crocking' }] }, setupSpecSchema)).toEqual([
    'layers: layers must hold exactly one main layer',
  ]);
  expect(lines({ ...spec, layers: [{ ...spec.layers[0], heightCm: -2 }] }, setupSpecSchema)).toEqual([
    'layers.0.heightCm: layer height must be between 0.2 and 60 cm',
  ]);
});

test('the schema can be handed out as JSON Schema', () => {
  const schema = z.toJSONSchema(planCaseSchema, { io: 'input' });
  expect(schema.required).toEqual(expect.arrayContaining(['genus', 'place']));
  expect(schema.required).not.toContain('rootDiameterMm');
});
