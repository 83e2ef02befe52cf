import { pottingInputSchema } from './schemas';

/** The fields of a potting that are refused, when one text is so long. */
const faultAt = (field: 'idempotencyKey' | 'plantName' | 'note', length: number): boolean => {
  const read = pottingInputSchema.safeParse({ [field]: 'x'.repeat(length) });
  return read.error!.issues.some((issue) => issue.path[0] === field);
};

test.each([
  ['idempotencyKey', 8, 80],
  ['plantName', 1, 120],
  ['note', 0, 2000],
] as const)('%s takes %i to %i characters, none fewer and none more', (field, least, most) => {
  expect(faultAt(field, least)).toBe(false);
  expect(faultAt(field, most)).toBe(false);
  if (least > 0) expect(faultAt(field, least - 1)).toBe(true);
  expect(faultAt(field, most + 1)).toBe(true);
});
