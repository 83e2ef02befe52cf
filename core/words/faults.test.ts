/** One wording of a fault for form, command line and route: the field, and what would be accepted. */
import * as z from 'zod';
import { faultCode, FaultError, type FaultFact, faultsOf, ranges } from '../base';
import { questionSchemas } from '../case';
import { demoPlaces } from '../catalogue/places';
import { faultLine, faultMessage, faultsIn, parseWith } from './faults';
import { fileFaultLine, heatedRoomWords, wordReading } from './place-files';

const { plan, mix } = questionSchemas();
const base = { genus: 'vanda', place: 'humid-terrace' };
const linesOf = (schema: z.ZodType, input: unknown) => {
  const parsed = parseWith(schema, input);
  return parsed.status === 'faulty' ? parsed.faults.map(faultLine) : [];
};

test.each([
  [{ ...base, rootDiameterMm: 99 }, 'rootDiameterMm: root thickness must be between 0.2 and 12 mm'],
  [{ ...base, shootCount: 2.5 }, 'shootCount: number of shoots must be a whole number'],
  [{ ...base, month: 13 }, 'month: month must be between 1 and 12'],
  [{ ...base, signs: { rot: 'yes' } }, 'signs.rot: signs.rot must be true or false'],
  [{ ...base, signs: { tips: 'green' } }, 'signs.tips: signs.tips must be one of: none, starting, long'],
  [{ ...base, bulbs: 'lost' }, 'bulbs: bulbs must be one of: plump, wrinkled, soft or oozing, no bulbs'],
  [{ ...base, routine: { kind: 'weekdays', weekdays: [] } }, 'routine.weekdays: weekdays needs at least one day'],
  [{ ...base, routine: { kind: 'misting', timesADay: 9 } }, 'routine.timesADay: timesADay must be between 1 and 4'],
  [{ ...base, potSize: 12 }, 'potSize: is not a field this understands'],
])('%j', (input, line) => {
  expect(linesOf(plan, input)).toEqual([line]);
});

test('an unknown genus or place is answered with the known ones, or the way to bring one’s own', () => {
  expect(linesOf(plan, { ...base, genus: 'nowhere' })[0]).toMatch(
    /^genus: genus must be one of .* and \d+ more, or a whole genus/,
  );
  expect(linesOf(plan, { ...base, place: 'nowhere' })[0]).toMatch(
    /^place: .*heated-flat.*a whole place with its 12 months/,
  );
});

test('several faults are told at once, each with its path', () => {
  const lines = linesOf(mix, { parts: [{ mediumId: 'bark-6-12', parts: 0 }], depthCm: -1 });
  expect(lines).toEqual([
    'parts.0.parts: parts of the mix must be between 0.05 and 100 parts',
    'depthCm: layer height must be between 0.2 and 60 cm',
  ]);
});

test('every range has its sentence, with both ends', () => {
  for (const [quantity, { min, max, label }] of Object.entries(ranges)) {
    const said = faultMessage({ code: 'range', quantity: quantity as keyof typeof ranges });
    expect(said.startsWith(`${label} must be between ${min} and ${max}`)).toBe(true);
  }
});

test.each([
  [{ code: 'text length', field: 'note', min: 0, max: 20 }, 'note must be at most 20 characters'],
  [{ code: 'text length', field: 'name', min: 1, max: 20 }, 'name must be between 1 and 20 characters'],
  [{ code: 'not empty', field: 'name' }, 'name must not be empty'],
  [{ code: 'at most', field: 'parts', most: 5, what: 'media' }, 'parts must hold at most 5 media'],
  [{ code: 'not less than', field: 'largeMm', than: 'smallMm' }, 'largeMm must not be less than smallMm'],
  [{ code: 'given together', fields: ['a', 'b'] }, 'a and b must be given together'],
  [{ code: 'water drained', addedMl: 600 }, 'water drained must be between 0 and the 600 mL added'],
  [{ code: 'id', field: 'plantId', of: 'a plant' }, 'plantId must be the id of a plant'],
  [{ code: 'other', text: 'too odd' }, 'too odd'],
] as const satisfies readonly (readonly [FaultFact, string])[])('%j', (fact, said) => {
  expect(faultMessage(fact)).toBe(said);
});

test('long lists of names are cut, short ones are not', () => {
  const names = Array.from({ length: 30 }, (_, i) => `n${i}`);
  expect(faultMessage({ code: 'one of', field: 'x', names })).toMatch(/n23 and 6 more$/);
  expect(faultMessage({ code: 'one of', field: 'x', names: names.slice(0, 3) })).toBe('x must be one of: n0, n1, n2');
});

test('a fact survives its way through Zod; Zod’s own words are kept where there is none', () => {
  const schema = z.object({ a: z.number({ error: faultCode({ code: 'not empty', field: 'a' }) }), b: z.number() });
  const result = schema.safeParse({});
  const facts = faultsOf(result.error!);
  expect(facts[0]).toEqual({ path: 'a', fact: { code: 'not empty', field: 'a' } });
  expect(facts[1]).toMatchObject({ path: 'b', fact: { code: 'other' } });
});

test('a refused computation carries its faults', () => {
  const error = new FaultError([{ path: 'setup', fact: { code: 'mount has no mix' } }]);
  expect(error.message).toBe('setup: mount has no mix');
  expect(faultsIn(error).map(faultLine)).toEqual(['setup: a mount has no mix to tune: change its pad instead']);
});

describe('files of air', () => {
  const refusedWith = (fact: Extract<Parameters<typeof wordReading>[0], { status: 'refused' }>['faults'][number]) => {
    const worded = wordReading({ status: 'refused', faults: [fact] });
    return worded.status === 'refused' ? fileFaultLine(worded.faults[0]!) : '';
  };
  test.each([
    [{ line: 0, fact: { code: 'too few readings', count: 3, least: 24 } }, 'only 3 readings; at least 24 are needed'],
    [{ line: 7, fact: { code: 'not a time', text: 'soon' } }, 'line 7: "soon" is not a time such as 2026-04-18 14:30'],
    [
      { line: 1, fact: { code: 'missing columns', lacking: ['time', 'humidity'], headings: ['T', 'x'] } },
      'line 1: no column for a time, a humidity; the headings are: T, x',
    ],
    [
      { line: 9, fact: { code: 'outside', quantity: 'relativeHumidityPct', value: 140, min: 1, max: 100 } },
      'line 9: relative humidity 140 is outside 1 to 100 %',
    ],
    [{ line: 0, fact: { code: 'and more', count: 12 } }, 'and 12 more lines like these'],
    [{ line: 3, fact: { code: 'no number', column: 'rain_mm' } }, 'line 3: rain_mm is missing or not a number'],
    [{ line: 3, fact: { code: 'month order', month: 2 } }, 'line 3: month must be 2: January to December in order'],
  ] as const)('%j', (fact, line) => {
    expect(refusedWith(fact)).toBe(line);
  });

  test('a place takes its note from its file, unless it brought one', () => {
    const place = demoPlaces[0]!;
    const noted = (note: string) => {
      const worded = wordReading({
        status: 'ok',
        place: { ...place, note },
        origin: { code: 'epw' },
        remarks: [{ code: 'gap', hours: 5, afterMinutes: 0 }],
      });
      return worded.status === 'ok' ? [worded.place.note, ...worded.remarks] : [];
    };
    expect(noted('')).toEqual([
      'From an EPW weather file, in the shade.',
      'no readings for 5 h after 1970-01-01 00:00',
    ]);
    expect(noted('mine')[0]).toBe('mine');
  });

  test('a heated room is named after its climate', () => {
    const heating = { dayC: 21, nightC: 18, moistureGM3: 4, lightShare: 0.15 };
    expect(heatedRoomWords(heating, 'Harbour')).toEqual({
      name: 'Room in Harbour',
      note: 'A heated room, 21 °C by day, in the climate of Harbour.',
    });
  });
});
