/** The invented collection says what it should, whenever it is loaded. */
import {
  checkWith,
  genusIds,
  inspectionSchema,
  questionSchemas,
  setupSpecSchema,
  stockItemSchema,
  stockName,
} from '@core';
import { quickInputSchema } from '../records/journal/quick-schemas';
import { plantFactsSchema } from '../records/plants/facts-schemas';
import { demoLines } from './collection';
import { livesUpTo } from './lives';
import { demoMeant } from './meant';
import { pictureOf } from './pictures';
import { demoPlants } from './plants';
import { demoSetups } from './setups';
import { demoStock } from './stock';
import { demoTrial } from './trial';

const days = ['2026-11-27', '2027-02-28', '2028-07-01', '2031-01-01'] as const;
const { plan } = questionSchemas();
const plantId = '6f1de3a2-6c0f-4b6a-9a5e-0c5a1b2d3e4f';

test('about sixty plants, each of a name and a kind that there is', () => {
  const names = [...demoLines.map(({ name }) => name), ...demoPlants.map(({ name }) => name)];
  expect(names.length).toBeGreaterThanOrEqual(60);
  expect(new Set(names).size).toBe(names.length);
  expect(demoLines.filter(({ genus }) => !genusIds.includes(genus))).toEqual([]);
});

test('every setup fits its pot', () => {
  for (const { setup } of demoLines) {
    const [kind, cm] = setup;
    expect(checkWith(setupSpecSchema, demoSetups[kind](cm))).toMatchObject({ status: 'ok' });
  }
});

test('the trial is of plants of the collection, each on one side', () => {
  const named = demoTrial.sides.flatMap(({ plants }) => plants);
  expect(new Set(named).size).toBe(named.length);
  const there = new Set(demoLines.filter(({ left }) => left === undefined).map(({ name }) => name));
  expect(named.filter((name) => !there.has(name))).toEqual([]);
});

test('what is meant is of a plant that is still there, in a setup that fits', () => {
  for (const { name, setup } of demoMeant) {
    expect(demoLines.find((line) => line.name === name)).toMatchObject({ name });
    expect(demoLines.find((line) => line.name === name)!.left).toBeUndefined();
    expect(checkWith(setupSpecSchema, demoSetups[setup[0]](setup[1]))).toMatchObject({ status: 'ok' });
  }
});

test('every kind of the collection can be drawn, each plant in its own way, the same every time', () => {
  const drawn = demoLines.map(({ genus, place, name }) =>
    pictureOf({ genusId: genus, place, name, on: '2026-04-18', years: 2, inBloom: true }),
  );
  expect(new Set(drawn).size).toBe(demoLines.length);
  expect(drawn.filter((svg) => !svg.startsWith('<svg') || /NaN|undefined/.test(svg))).toEqual([]);
  const { genus, place, name } = demoLines[0]!;
  expect(pictureOf({ genusId: genus, place, name, on: '2026-04-18', years: 2, inBloom: true })).toBe(drawn[0]);
});

test('what lies in stock can be kept there, each thing once', () => {
  for (const { item } of demoStock) expect(checkWith(stockItemSchema, item)).toMatchObject({ status: 'ok' });
  expect(new Set(demoStock.map(({ item }) => stockName(item.thing))).size).toBe(demoStock.length);
});

test.each(days)('loaded on %s it is five years of true entries, none of them to come', (today) => {
  const lives = livesUpTo(today);
  for (const { line, planCase, events, acquiredOn, tagNumber } of lives) {
    const { name, source, spot, parentage = null, flag = null } = line;
    expect(checkWith(plan, planCase)).toMatchObject({ status: 'ok' });
    expect(checkWith(plantFactsSchema, { name, source, spot, parentage, flag, acquiredOn, tagNumber })).toMatchObject({
      status: 'ok',
    });
    expect(events[0]).toMatchObject({ kind: 'potted', on: acquiredOn });
    const faulty = events.filter((event) => {
      if (event.on > today || event.on < acquiredOn) return true;
      if (event.kind === 'potted') return false;
      const checked =
        event.kind === 'inspected'
          ? checkWith(inspectionSchema, event.inspection)
          : checkWith(quickInputSchema, { ...event.care, happenedOn: event.on, plantIds: [plantId] });
      return checked.status !== 'ok';
    });
    expect(faulty).toEqual([]);
  }
  const first = lives.map(({ acquiredOn }) => acquiredOn).sort()[0]!;
  expect(Number(today.slice(0, 4)) - Number(first.slice(0, 4))).toBe(5);
});

test('the same day gives the same lives; nothing happens to a plant after it has left', () => {
  const [one, other] = [livesUpTo(days[0]), livesUpTo(days[0])];
  expect(one).toEqual(other);
  const gone = one.filter(({ line }) => line.left);
  expect(gone.length).toBeGreaterThanOrEqual(5);
  for (const { events } of gone) {
    expect(events.at(-1)).toMatchObject({ kind: 'care', care: { kind: 'left' } });
    const last = events.at(-1)!.on;
    expect(events.filter(({ on }) => on > last)).toEqual([]);
  }
});

test('good years and bad are among it', () => {
  const events = livesUpTo(days[0]).flatMap((life) => life.events);
  const kinds = new Set(events.map((event) => (event.kind === 'care' ? event.care.kind : event.kind)));
  for (const kind of ['potted', 'inspected', 'watered', 'fed', 'flushed', 'bloomed', 'treated', 'moved', 'left']) {
    expect(kinds).toContain(kind);
  }
  const conditions = new Set(
    events.flatMap((event) => (event.kind === 'inspected' ? [event.inspection.condition] : [])),
  );
  expect(conditions).toEqual(new Set(['sound', 'breaking down', undefined]));
});
