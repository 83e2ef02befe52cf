import { makePlanCaseSchema } from './plan-case';
import { isFailing } from './plant';
import { resolveCase } from './resolve';
import { readQuestion } from './versions';

const schema = makePlanCaseSchema();
const base = { genus: 'phalaenopsis', place: 'heated-flat' };

function read(input: object) {
  const question = readQuestion(schema, input);
  if (question.status !== 'ok') throw new Error(JSON.stringify(question.faults));
  return question.value;
}

test.each([
  ['growing, new root tips', { tips: 'starting' }],
  ['new shoot starting', { shoot: 'starting' }],
  ['no new growth', { tips: 'none', shoot: 'none' }],
  ['in bud or bloom', { inBloom: true }],
  ['dormant', { resting: true }],
  ['failing, poor roots', { tips: 'none' }],
])('the old state "%s" says %j', (state, signs) => {
  expect(read({ ...base, state }).signs).toEqual(signs);
});

test('root tips said for themselves beat the old state', () => {
  expect(read({ ...base, state: 'no new growth', hasNewTips: true }).signs).toEqual({
    tips: 'starting',
    shoot: 'none',
  });
  expect(read({ ...base, version: 1, hasNewTips: false }).signs).toEqual({ tips: 'none' });
});

test('a failing plant still fails; counted roots keep their count', () => {
  const failing = { ...base, state: 'failing, poor roots' };
  expect(isFailing(resolveCase(read(failing)).plant)).toBe(true);
  expect(read({ ...failing, liveRootsPct: 10 }).liveRootsPct).toBe(10);
});

test('what says nothing of a state is left alone, twice over too', () => {
  expect(read(base).signs).toBeUndefined();
  const newer = { ...base, signs: { rot: true } };
  expect(read(read(newer)).signs).toEqual({ rot: true });
});

test.each([
  ['state', 'happy'],
  ['state', 5],
  ['state', null],
  ['hasNewTips', 'yes'],
])('%s %p never was an answer: it is refused by its name, not dropped', (path, value) => {
  expect(readQuestion(schema, { ...base, [path]: value })).toMatchObject({ status: 'faulty', faults: [{ path }] });
});
