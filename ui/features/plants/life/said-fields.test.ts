import { inspectionSchema } from '@core';
import { detailSchemas } from '@server/records/journal/quick-schemas';
import { plannedSchema } from '@server/records/journal/schemas';
import { detailsOf, saidFields } from './said-fields';

const fields = saidFields.inspected!;

test('only what was changed is sent; what was emptied is taken back', () => {
  const said = { liveRootsPct: 80, smell: 'fresh', rot: false, tips: 'none' };
  expect(detailsOf(fields, said, {})).toEqual({ status: 'ok', details: {} });
  const typed = { liveRootsPct: '62,5', smell: '', rot: 'true', shootCount: '4', tips: 'none' };
  expect(detailsOf(fields, said, typed)).toEqual({
    status: 'ok',
    details: { liveRootsPct: 62.5, smell: null, rot: true, shootCount: 4 },
  });
});

test('out of range, or without what the entry is about, it is said', () => {
  expect(detailsOf(fields, {}, { liveRootsPct: '120' })).toEqual({
    status: 'fault',
    message: 'Live roots must be between 0 and 100 %.',
  });
  expect(detailsOf(saidFields.weighed!, { weightG: 400 }, { weightG: '' })).toMatchObject({ status: 'fault' });
});

test('every choice is one that the entry can say', () => {
  for (const [kind, ofKind] of Object.entries(saidFields)) {
    const shape =
      kind === 'inspected'
        ? inspectionSchema.shape
        : kind === 'planned'
          ? plannedSchema.shape
          : detailSchemas[kind as 'felt'].shape;
    for (const field of ofKind) {
      const values =
        field.kind === 'choice'
          ? Object.keys(field.options)
          : field.kind === 'number'
            ? [field.min, field.max]
            : field.kind === 'day'
              ? ['2026-05-20']
              : [true];
      for (const value of values) {
        const schema = (shape as Record<string, { safeParse: (value: unknown) => { success: boolean } }>)[field.key]!;
        expect([kind, field.key, value, schema.safeParse(value).success]).toEqual([kind, field.key, value, true]);
      }
    }
  }
});
