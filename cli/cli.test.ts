/** The command line as a user calls it. */
import { spawnSync } from 'node:child_process';
import { mkdtempSync, readdirSync, symlinkSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

const root = join(__dirname, '..');

function cairn(args: readonly string[], input = '', from: { command?: string; cwd?: string } = {}) {
  const { command = join(root, 'cairn'), cwd = root } = from;
  const run = spawnSync(command, args, { input, encoding: 'utf8', cwd, maxBuffer: 1 << 26 });
  return { code: run.status, out: run.stdout, err: run.stderr };
}

describe('cairn plan', () => {
  test.each(
    readdirSync(join(root, 'examples')).filter(
      (name) => name.endsWith('.json') && !/^(drydown|what-if|grow|inspect)/.test(name),
    ),
  )('examples/%s', (name) => {
    const { code, out } = cairn(['plan', join('examples', name)]);
    expect(code).toBe(0);
    const answer = JSON.parse(out) as { setups: { score: number }[]; ruledOut: unknown[] };
    expect(answer.setups.length).toBeGreaterThanOrEqual(6);
    expect(answer.setups[0]!.score).toBeGreaterThanOrEqual(answer.setups[1]!.score);
    expect(answer.ruledOut.length).toBeGreaterThan(0);
  });

  test('bad input: exit code 2 and one line per fault', () => {
    const { code, out, err } = cairn(
      ['plan', '-'],
      '{"genus":"vanda","place":"humid-terrace","rootDiameterMm":99,"month":0}',
    );
    expect(code).toBe(2);
    expect(out).toBe('');
    expect(err.trim().split('\n')).toEqual([
      'rootDiameterMm: root thickness must be between 0.2 and 12 mm',
      'month: month must be between 1 and 12',
    ]);
  });

  test('what is not JSON, not there or not named is refused too', () => {
    expect(cairn(['plan', '-'], '{genus')).toMatchObject({ code: 2, out: '' });
    expect(cairn(['plan', 'no-such-file.json'])).toMatchObject({ code: 2, out: '' });
    expect(cairn(['plan']).err).toMatch(/FILE/);
    expect(cairn(['bake']).err).toMatch(/usage/);
  });
});

test('works from any folder and through a link; files are named from there', () => {
  const elsewhere = mkdtempSync(join(tmpdir(), 'cairn-'));
  const link = join(elsewhere, 'bench-tool');
  symlinkSync(join(root, 'cairn'), link);
  writeFileSync(join(elsewhere, 'mix.json'), '{"parts":[{"mediumId":"bark-6-12","parts":1}]}');
  const { code, out, err } = cairn(['mix', 'mix.json'], '', { command: link, cwd: elsewhere });
  expect(err).toBe('');
  expect(code).toBe(0);
  expect(JSON.parse(out)).toMatchObject({ version: 2, monthsOld: 0 });
});

test('a question may say its version; one from a newer program is refused with the newest known', () => {
  const mix = { parts: [{ mediumId: 'bark-6-12', parts: 1 }] };
  expect(cairn(['mix', '-'], JSON.stringify({ version: 1, ...mix })).code).toBe(0);
  const newer = cairn(['mix', '-'], JSON.stringify({ version: 99, ...mix }));
  expect(newer).toMatchObject({ code: 2, out: '' });
  expect(newer.err).toMatch(/^version: .* 1 to 2/);
});

test('cairn drydown prints the hourly curve', () => {
  const { code, out } = cairn(['drydown', 'examples/drydown-bark.json']);
  expect(code).toBe(0);
  const answer = JSON.parse(out) as { hours: { hour: number; availableShare: number }[]; time: { days: number } };
  // As full as a watering makes it.
  expect(answer.hours[0]!.availableShare).toBeGreaterThan(0.7);
  expect(answer.hours[0]!.availableShare).toBeLessThanOrEqual(1);
  expect(answer.hours.map((hour) => hour.hour)).toEqual(answer.hours.map((_, i) => i));
  expect(answer.time.days).toBeGreaterThan(1);
});

test('cairn inspect puts what was seen into the case, and says what to do and what nobody looked at', () => {
  const { code, out } = cairn(['inspect', 'examples/inspect-slipper.json']);
  expect(code).toBe(0);
  const answer = JSON.parse(out) as { case: object; toDo: { code: string; caution: string }[]; skipped: string[] };
  expect(answer.case).toMatchObject({
    genus: 'paphiopedilum',
    liveRootsPct: 50,
    current: { condition: 'gone sour' },
    signs: { tips: 'none', wobbles: true, rot: false },
  });
  expect(answer.toDo.map((step) => step.code)).toEqual(['brown may live', 'cut dead roots', 'hold fast']);
  expect(answer.skipped).toContain('from above');
  // Its case is one that can be planned.
  expect(cairn(['plan', '-'], JSON.stringify({ version: 2, ...answer.case })).code).toBe(0);
  const bad = cairn(['inspect', '-'], '{"genus":"vanda","place":"humid-terrace","inspection":{"smell":"odd"}}');
  expect([bad.code, bad.err]).toEqual([2, expect.stringMatching(/^inspection.smell: .*fresh, mouldy/)]);
});

test('cairn day prepares a day: order, mixes, pots, what is short, time; faults are named', () => {
  const { code, out } = cairn(['day', 'examples/days/spring-saturday.json']);
  expect(code).toBe(0);
  const answer = JSON.parse(out) as {
    plants: { name: string; stepTexts: { sentence: string }[] }[];
    batches: { bagTexts: string[] }[];
    shortages: { sentence: string }[];
    timeText: string;
  };
  expect(answer.plants.map(({ name }) => name)[0]).toBe('Broken pot');
  expect(answer.plants.at(-1)!.name).toBe('Slipper with a smell');
  expect(answer.batches.length).toBeGreaterThan(2);
  expect(answer.timeText).toMatch(/^About \d/);
  const bad = cairn(['day', '-'], '{"on":"2027-03-06","hours":99,"plants":[]}');
  expect([bad.code, bad.err.trim().split('\n')]).toEqual([
    2,
    ['hours: hours of a potting day must be between 0.25 and 16 h', 'plants: plants needs at least one plant'],
  ]);
  expect(Object.keys((JSON.parse(cairn(['schema', 'day']).out) as { properties: object }).properties)).toEqual(
    expect.arrayContaining(['on', 'hours', 'helpers', 'plants', 'stock', 'version']),
  );
});

test('cairn schema plan prints a JSON Schema', () => {
  const schema = JSON.parse(cairn(['schema', 'plan']).out) as { $schema: string; properties: object };
  expect(schema.$schema).toMatch(/json-schema/);
  expect(Object.keys(schema.properties)).toEqual(
    expect.arrayContaining(['genus', 'place', 'rootDiameterMm', 'version']),
  );
});

test('cairn practice prints the model beside practice and publications, rows that set constants apart from those held out', () => {
  const rows = JSON.parse(cairn(['practice']).out) as {
    use: 'set' | 'held out';
    range: [number, number];
    model: number;
    within: boolean;
    practiceDays?: [number, number];
    modelDays?: number;
  }[];
  const days = rows.filter((row) => row.practiceDays);
  expect(days).toHaveLength(8);
  for (const row of days) expect([row.practiceDays, row.modelDays]).toEqual([row.range, row.model]);
  for (const use of ['set', 'held out'] as const)
    expect(rows.filter((row) => row.use === use).length).toBeGreaterThanOrEqual(8);
});

test('cairn practice --table prints them in Markdown', () => {
  const { out } = cairn(['practice', '--table']);
  expect(out).toMatch(/^\*\*Used to set constants\*\*/);
  expect(out).toContain('**Held out**');
});

test('cairn mix reports what a mix holds and takes out of the bags', () => {
  const report = JSON.parse(cairn(['mix', 'examples/mixes/bark-moss-perlite.json']).out) as {
    capacityShare: number;
    airShare: number;
    totalPorosity: number;
    bags: { takeL: number }[];
  };
  expect(report.capacityShare + report.airShare).toBeCloseTo(report.totalPorosity, 9);
  expect(report.bags.reduce((sum, bag) => sum + bag.takeL, 0)).toBeGreaterThan(5);
});

test('cairn name: the groups that a name may mean, best first', () => {
  const matchesOf = (name: string) =>
    (
      JSON.parse(cairn(['name', name]).out) as {
        matches: { genusId: string; name: string; rank: string; sure: number }[];
      }
    ).matches;
  expect(matchesOf('Den. nobile')).toEqual([
    {
      genusId: 'dendrobium-softcane',
      name: 'Dendrobium nobile',
      rank: 'species',
      sure: 1,
      // What is known to differ in the species from its group.
      differs: { temperature: 'cool' },
    },
  ]);
  expect(matchesOf('masdevalia')[0]).toMatchObject({ genusId: 'masdevallia' });
  expect(matchesOf('qqzzxx')).toEqual([]);
  expect(cairn(['name']).code).toBe(2);
});

test('cairn place from what is said: twelve months with their doubt; what cannot be is told by its field', () => {
  const { code, out } = cairn(['place', '--town', 'Freibrug', '--room', '{"kind":"windowsill","aspect":"east"}']);
  expect(code).toBe(0);
  const { place, unsure, stations } = JSON.parse(out) as {
    place: { months: unknown[]; describedAs: { town: { name: string }; aspect: string } };
    unsure: { humidityPoints: number }[];
    stations: { name: string }[];
  };
  expect(place.describedAs).toMatchObject({ town: { name: 'Freiburg' }, aspect: 'east' });
  expect([place.months.length, unsure.length]).toEqual([12, 12]);
  expect(stations[0]!.name).toBe('Zürich');
  for (const [args, said] of [
    [['--town', 'Qqzzxx', '--room', 'garden'], /no town is found for "Qqzzxx"/],
    [['--latitude', '40', '--room', 'attic'], /^kind: kind of place must be one of: windowsill/],
    [['--latitude', '80', '--room', 'garden'], /^latitudeDeg: latitude must be between -66 and 66/],
    [['--room', 'garden'], /say where it is/],
    [['--latitude', '40', '--room', '{"kind":'], /--room: is not JSON/],
  ] as const) {
    const refused = cairn(['place', ...args]);
    expect(refused).toMatchObject({ code: 2, out: '' });
    expect(refused.err).toMatch(said);
  }
});

test('cairn place refuses a file of two readings, naming the flags that decide, and obeys them', () => {
  const rows = Array.from({ length: 24 }, (_, hour) => `04/05/2026 ${hour}:00,40,60,80`);
  const table = ['Time,Temp,RH 1,RH 2', ...rows].join('\n');
  const refused = cairn(['place', '-'], table);
  expect(refused.code).toBe(2);
  for (const flag of ['--humidity "RH 2"', '--unit C', '--unit F', '--dates day-first', '--dates month-first']) {
    expect(refused.err).toContain(flag);
  }
  const read = cairn(['place', '-', '--humidity', 'RH 2', '--unit', 'F', '--dates', 'month-first'], table);
  expect(read.code).toBe(0);
  const { place, readAs } = JSON.parse(read.out) as {
    place: { months: { day: { temperatureC: number; relativeHumidityPct: number } }[] };
    readAs: string[];
  };
  expect(place.months[3]!.day).toEqual({ temperatureC: 4.4, relativeHumidityPct: 80 });
  expect(readAs.join(' ')).toMatch(/month first.*5 April 2026/);
  expect(cairn(['place', '-', '--unit', 'K'], table)).toMatchObject({ code: 2, err: '--unit must be C or F\n' });
});

test('cairn place reads a logger file, and refuses a broken one by line', () => {
  const answer = JSON.parse(cairn(['place', 'examples/places/logger-stairwell.csv']).out) as {
    place: { months: unknown[] };
    remarks: string[];
    summary: { yearMmPerDay: number };
  };
  expect(answer.place.months).toHaveLength(12);
  expect(answer.remarks.length).toBeGreaterThan(0);
  const refused = cairn(['place', '-'], ['time,temp,hum', '2026-07-01 10:00,20,140'].join('\n'));
  expect(refused).toMatchObject({ code: 2, out: '' });
  expect(refused.err).toMatch(/line 2: relative humidity 140/);
});

describe('cairn grow', () => {
  interface Answer {
    readonly isMapped: boolean;
    readonly neededCm: { readonly round: readonly number[] };
    readonly pots: readonly {
      readonly position: string;
      readonly years: number;
      readonly chances: readonly number[];
    }[];
    readonly smallest: { readonly widthCm: number };
  }

  test.each(readdirSync(join(root, 'examples')).filter((name) => name.startsWith('grow')))('examples/%s', (name) => {
    const { code, out, err } = cairn(['grow', join('examples', name)]);
    expect([code, err]).toEqual([0, '']);
    const { pots, neededCm, smallest } = JSON.parse(out) as Answer;
    expect(neededCm.round[1]).toBeGreaterThan(neededCm.round[0]!);
    for (const { chances } of pots) {
      expect(chances).toHaveLength(4);
      chances.slice(1).forEach((chance, n) => expect(chance).toBeLessThanOrEqual(chances[n]!));
    }
    expect(smallest.widthCm).toBeGreaterThan(0);
  });

  test('ten pots where none are named; the same answer every time', () => {
    const asked = ['grow', '-'] as const;
    const first = cairn(asked, '{"genus":"zygopetalum","place":"heated-flat"}');
    expect((JSON.parse(first.out) as Answer).pots).toHaveLength(10);
    expect(cairn(asked, '{"genus":"zygopetalum","place":"heated-flat"}').out).toBe(first.out);
  });

  test('what is wrong on a map is told with its place', () => {
    const growthMap = { plants: [{ bulbs: [{ xCm: 200, yCm: 0 }], leads: [] }] };
    const refused = cairn(['grow', '-'], JSON.stringify({ genus: 'vanda', place: 'humid-terrace', growthMap }));
    expect(refused).toMatchObject({ code: 2, out: '' });
    expect(refused.err).toMatch(/^growthMap\.plants\.0\.bulbs\.0\.xCm: .*-60 and 60/);
  });
});

describe('cairn whatif and tune', () => {
  const question = {
    genus: 'phalaenopsis',
    place: 'heated-flat',
    routine: { kind: 'every', days: 7 },
    setup: {
      approach: 'organic pot',
      vessel: { kind: 'pot', potKindId: 'plastic-round', rimDiameterCm: 12 },
      layers: [{ role: 'main', mix: [{ mediumId: 'bark-12-25', parts: 1 }], heightCm: 9.5 }],
    },
  };

  test('what if sets before and after side by side', () => {
    const { code, out } = cairn(['whatif', '-'], JSON.stringify({ ...question, change: { mossShare: 0.3 } }));
    expect(code).toBe(0);
    const answer = JSON.parse(out) as { before: { id: string }; after: { id: string }; differences: unknown[] };
    expect(answer.before.id).not.toBe(answer.after.id);
    expect(answer.differences.length).toBeGreaterThan(2);
  });

  test('tune gives the smallest change, or says why there is none', () => {
    const tuned = cairn(['tune', '-'], JSON.stringify(question));
    expect(tuned.code).toBe(0);
    expect(JSON.parse(tuned.out)).toMatchObject({ targetDays: 7, isReached: true });
    const refused = cairn(['tune', '-'], JSON.stringify({ ...question, routine: { kind: 'when dry' } }));
    expect(refused.code).toBe(2);
    expect(refused.err).toMatch(/^routine: /);
  });

  test('a pot lower than its layers is refused', () => {
    const setup = { ...question.setup, layers: [{ ...question.setup.layers[0], heightCm: 30 }] };
    const { code, err } = cairn(['drydown', '-'], JSON.stringify({ ...question, setup }));
    expect(code).toBe(2);
    expect(err).toMatch(/layers are 30 cm high together, but the pot is only 10.8 cm deep/);
  });
});

test('cairn plan reads standard input, and says how sure it is, what would change it, and the stages of a change-over', () => {
  const { code, out } = cairn(
    ['plan', '-'],
    JSON.stringify({
      genus: 'oncidium',
      place: 'bathroom',
      current: { mediumId: 'sphagnum-packed' },
      routine: { kind: 'every', days: 5 },
    }),
  );
  expect(code).toBe(0);
  const answer = JSON.parse(out) as {
    candidateCount: number;
    sensitivity: { confidence: string; swings: unknown[] };
    turns: unknown[];
    setups: { changeOver: { stages: unknown[] }; costs: object; findings: { ruleId: string }[] }[];
  };
  expect(answer.candidateCount).toBeGreaterThanOrEqual(2000);
  expect(answer.sensitivity.swings.length).toBeGreaterThanOrEqual(8);
  expect(Array.isArray(answer.turns)).toBe(true);
  expect(answer.setups[0]!.changeOver.stages.length).toBeGreaterThan(0);
  expect(answer.setups[0]!.findings.length).toBeGreaterThan(0);
});
