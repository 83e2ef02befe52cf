/** Good values made bad: one part of them replaced, taken away or added. */
import fc, { type Arbitrary } from 'fast-check';

const hostile = fc.oneof(
  fc.constantFrom<unknown>(
    '\u0000',
    'a\ud800b',
    'x'.repeat(5_000),
    "'; drop table plant; --",
    '<script>alert(1)</script>',
    '../../etc/passwd',
    '',
    '-1',
    'NaN',
    1e308,
    -1e308,
    5e-324,
    2 ** 53 + 2,
    -0,
    null,
    true,
    [],
    {},
    [[[[[[]]]]]],
    { __proto__: null, constructor: { prototype: { polluted: true } } },
    Array.from({ length: 300 }, (_, i) => i),
  ),
  fc.jsonValue({ maxDepth: 3 }),
);

type Holder = Record<string | number, unknown>;
const isHolder = (value: unknown): value is Holder => typeof value === 'object' && value !== null;

/** Replaces the part that the steps lead to; a step is taken modulo what there is to choose from. */
function replaced(value: unknown, steps: readonly number[], by: unknown, isTakenAway: boolean): unknown {
  if (!isHolder(value)) return by;
  const copy: Holder = (Array.isArray(value) ? [...(value as unknown[])] : { ...value }) as Holder;
  const keys = Object.keys(copy);
  const [step, ...rest] = steps;
  if (step === undefined || keys.length === 0) return by;
  const key = keys[step % keys.length]!;
  if (rest.length === 0 || !isHolder(copy[key])) {
    if (isTakenAway) delete copy[key];
    else copy[key] = by;
  } else copy[key] = replaced(copy[key], rest, by, isTakenAway);
  return copy;
}

export function spoiled(good: Arbitrary<unknown>): Arbitrary<unknown> {
  const steps = fc.array(fc.nat(50), { minLength: 1, maxLength: 4 });
  return fc.oneof(
    fc.tuple(good, steps, hostile, fc.boolean()).map(([value, path, by, away]) => replaced(value, path, by, away)),
    fc.tuple(good, fc.string(), hostile).map(([value, name, by]) => (isHolder(value) ? { ...value, [name]: by } : by)),
    hostile,
  );
}

/** Bodies that are no JSON, or hardly. */
export const rawBodies: Arbitrary<string> = fc.oneof(
  fc.string({ unit: 'binary' }),
  fc.constantFrom('{', '[', '{"a":', 'null', '""', '[['.repeat(2_000), '{"a":1}{"b":2}', '\uFEFF{}', '9'.repeat(400)),
);
