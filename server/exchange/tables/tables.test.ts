/** Tables for a spreadsheet out of a real database, and the table of plants taken in again as a list. */
import Papa from 'papaparse';
import { demoPlaces, type PlanCase, readPlantTable } from '@core';
import { randomUUID } from 'node:crypto';
import { recordQuick } from '../../records/journal/record-quick';
import { quickInputSchema } from '../../records/journal/quick-schemas';
import { recordPotting } from '../../records/journal/record';
import { pottingInputSchema } from '../../records/journal/schemas';
import { savePlace } from '../../records/places/repository';
import { changeFacts } from '../../records/plants/facts';
import { plantFactsSchema } from '../../records/plants/facts-schemas';
import type { Scope } from '../../records/collections/scope';
import { addToStock } from '../../records/stock/repository';
import { testDatabase } from '../../testing/database';
import { isTableKind, type TableKind, tableKinds } from './kinds';
import { tableText } from './write';

const database = testDatabase();
const em = () => database.em();
let scope: Scope;
beforeEach(async () => {
  scope = await database.freshScope();
});

async function textOf(kind: TableKind): Promise<string> {
  let text = '';
  for await (const piece of tableText(em(), scope, kind)) text += piece;
  return text;
}
const rowsOf = async (kind: TableKind) =>
  Papa.parse<Record<string, string>>((await textOf(kind)).trimEnd(), { header: true }).data;

const planCase = { genus: 'oncidium', place: 'heated-flat' } as unknown as PlanCase;
const spec = {
  approach: 'organic pot',
  vessel: { kind: 'pot', potKindId: 'net-pot', rimDiameterCm: 12 },
  layers: [{ role: 'main', mix: [{ mediumId: 'bark-6-12', parts: 1 }], heightCm: 8 }],
} as const;

async function onePlant(): Promise<string> {
  const input = pottingInputSchema.parse({ plantName: '=Sun', planCase, spec, pottedOn: '2026-04-18' });
  const potted = await recordPotting(em(), scope, input, 'Conifer bark 6–12 mm');
  const id = 'plantId' in potted ? potted.plantId : '';
  const facts = plantFactsSchema.parse({ name: '=Sun', tagNumber: '7', source: 'a "friend", far' });
  await changeFacts(em(), scope, id, facts, 1);
  const done = [
    { kind: 'watered', happenedOn: '2026-05-01', details: { felt: 'dry', note: 'two\nlines' } },
    { kind: 'weighed', happenedOn: '2026-05-02', details: { weightG: 432.5 } },
  ];
  for (const one of done) await recordQuick(em(), scope, quickInputSchema.parse({ ...one, plantIds: [id] }));
  return id;
}

test('each has its headings, also where there is nothing', async () => {
  for (const kind of tableKinds) {
    const text = await textOf(kind);
    expect([kind, text.endsWith('\r\n'), text.split('\r\n').length]).toEqual([kind, true, 2]);
  }
  expect(isTableKind('spaceships')).toBe(false);
});

test('plants, what happened to them, and what was measured', async () => {
  await onePlant();
  expect(await rowsOf('plants')).toMatchObject([
    {
      tag: '7',
      name: "'=Sun",
      kind: 'Oncidium and its mixed hybrids',
      source: 'a "friend", far',
      'watered on': '2026-05-01',
      'in it since': '2026-04-18',
    },
  ]);
  expect((await rowsOf('events')).map(({ day, what, note, details }) => [day, what, note, details])).toEqual([
    ['2026-04-18', 'potted', '', expect.stringMatching(/^[\d.]+ L Conifer bark 6–12 mm$/)],
    ['2026-05-01', 'watered', 'two\nlines', '{"felt": "dry"}'],
    ['2026-05-02', 'weighed', '', '{"weightG": 432.5}'],
  ]);
  expect((await rowsOf('readings')).map(({ reading, value, unit }) => [reading, value, unit])).toEqual([
    ['finger', 'dry', ''],
    ['weight', '432.5', 'g'],
  ]);
});

test('the table of plants is a list that can be taken in again', async () => {
  await onePlant();
  const read = readPlantTable(await textOf('plants'));
  if (read.status !== 'ok') throw new Error(read.why);
  expect(read.table.columns.filter(({ field }) => field === null).map(({ heading }) => heading)).toEqual([
    'potted in',
    'looked over on',
  ]);
  expect(read.table.plants).toMatchObject([
    {
      name: '=Sun',
      tagNumber: '7',
      source: 'a "friend", far',
      mediumText: 'Conifer bark 6–12 mm',
      inMediumSince: '2026-04-18',
      wateredOn: '2026-05-01',
    },
  ]);
  expect(read.table.media[0]!.match).toEqual({ how: 'sure', mix: [{ mediumId: 'bark-6-12', parts: 1 }] });
  expect(read.table.kinds[0]!.match.genusIds).toContain('oncidium');
});

test('stock, and the air of one’s own places month by month', async () => {
  await addToStock(em(), scope, {
    item: { thing: { kind: 'medium', mediumId: 'bark-6-12' }, bagL: 20, price: { amount: 14, currency: 'EUR' } },
    amount: 7.5,
    happenedOn: '2026-01-01',
  });
  expect(await rowsOf('stock')).toMatchObject([
    { what: 'Conifer bark 6–12 mm', amount: '7.5', unit: 'L', currency: 'EUR', 'counted on': '2026-01-01' },
  ]);
  await savePlace(em(), scope, { ...demoPlaces[0]!, id: randomUUID(), name: 'My sill' }, null);
  const air = await rowsOf('air');
  expect([air.length, air[0]!.place, Number(air[6]!['day °C'])]).toEqual([
    12,
    'My sill',
    demoPlaces[0]!.months[6]!.day.temperatureC,
  ]);
});
