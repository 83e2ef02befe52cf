import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import * as z from 'zod';
import { upgraded, type Versions } from '../base';
import { inspectQuestionSchema } from '../inspect';
import { questionSchemas } from './questions';
import { questionVersions, readQuestion } from './versions';

/** A made-up shape that changed twice: a name became a list of names, then a unit was added. */
const madeUp: Versions = {
  newest: 3,
  upgrades: {
    1: (old) => {
      const { name, ...rest } = old as { readonly name: string };
      return { ...rest, names: [name] };
    },
    2: (old) => ({ ...(old as object), unit: 'cm' }),
  },
};
const newest = z.strictObject({ names: z.array(z.string()), unit: z.string() });

test('every older version becomes the newest, step by step', () => {
  const now = { names: ['a'], unit: 'cm' };
  expect(readQuestion(newest, { name: 'a' }, madeUp)).toEqual({ status: 'ok', value: now });
  expect(readQuestion(newest, { version: 1, name: 'a' }, madeUp)).toEqual({ status: 'ok', value: now });
  expect(readQuestion(newest, { version: 2, names: ['a'] }, madeUp)).toEqual({ status: 'ok', value: now });
  expect(readQuestion(newest, { version: 3, names: ['a'], unit: 'in' }, madeUp)).toEqual({
    status: 'ok',
    value: { names: ['a'], unit: 'in' },
  });
});

test.each([0, 4, 1.5, '1', null])('version %p is none of them, and is refused', (version) => {
  const read = readQuestion(newest, { version, names: [] }, madeUp);
  expect(read).toEqual({
    status: 'faulty',
    faults: [{ path: 'version', fact: { code: 'unknown version', newest: 3 } }],
  });
});

test('a missing step is a fault of the program, not of the input', () => {
  expect(() => upgraded({}, 1, { newest: 3, upgrades: { 1: madeUp.upgrades[1]! } })).toThrow(/from version 2 to 3/);
});

test('the interface has a step from every version before the newest', () => {
  for (let from = 1; from < questionVersions.newest; from += 1) expect(questionVersions.upgrades[from]).toBeDefined();
});

const examples = join(__dirname, '../../examples');
const schemas = questionSchemas();
const kinds = [
  ['drydown', schemas.drydown],
  ['what-if', schemas.whatIf],
  ['grow', schemas.grow],
  ['inspect', inspectQuestionSchema()],
] as const;

test.each(readdirSync(examples).filter((name) => name.endsWith('.json')))(
  'examples/%s, of whatever version, is understood',
  (name) => {
    const schema: z.ZodType = kinds.find(([start]) => name.startsWith(start))?.[1] ?? schemas.plan;
    const input: unknown = JSON.parse(readFileSync(join(examples, name), 'utf8'));
    expect(readQuestion(schema, input).status).toBe('ok');
  },
);
