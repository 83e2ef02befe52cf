/** The archive over a real database: out, everything gone, in again, and out once more the same to the last letter. */
import { randomUUID } from 'node:crypto';
import sharp from 'sharp';
import { demoPlaces, genusById, type PlanCase } from '@core';
import { recordQuick } from '../../records/journal/record-quick';
import { quickInputSchema } from '../../records/journal/quick-schemas';
import { keepEntry, saveDay } from '../../records/days/repository';
import { dayEntryInputSchema, savedDaySchema } from '../../records/days/schemas';
import { correctEvent } from '../../records/journal/correct';
import { correctionSchema } from '../../records/journal/correct-schemas';
import { setEventHidden } from '../../records/journal/hide';
import { recordInspection, recordPotting } from '../../records/journal/record';
import { inspectionInputSchema, pottingInputSchema } from '../../records/journal/schemas';
import { listIntakes, setIntakeUndone } from '../../records/intakes/repository';
import { takeInList } from '../lists/take-in';
import { listInputSchema } from '../lists/schemas';
import { changeLibraryItem, saveLibraryItem } from '../../records/library/repository';
import { librarySchemas } from '../../records/library/schemas';
import { digestOfSent, keepPhoto } from '../../records/photos/repository';
import { readPicture } from '../../records/photos/picture';
import { savePlace } from '../../records/places/repository';
import { addPlant } from '../../records/journal/add-plant';
import { addInputSchema } from '../../records/journal/add-schemas';
import { changeFacts } from '../../records/plants/facts';
import { plantFactsSchema } from '../../records/plants/facts-schemas';
import { plantLog } from '../../projections/plants/plant-log';
import type { Scope } from '../../records/collections/scope';
import { addToStock, listStock } from '../../records/stock/repository';
import { dueList, needsOfPlant } from '../../projections/due/repository';
import { listSignWatch } from '../../projections/sign-watch/repository';
import { listAftercare } from '../../projections/aftercare/repository';
import { insightsOf } from '../../projections/insights/repository';
import { listTrials } from '../../projections/trials/repository';
import { listFacets, listPlants } from '../../projections/plants/list';
import { everyPlant } from '../../projections/plants/list-query';
import { listDays } from '../../records/days/repository';
import { listLibrary } from '../../records/library/repository';
import { libraryKinds } from '../../records/library/schemas';
import { listPlaces } from '../../records/places/repository';
import { firstPage } from '../../runtime/http/page';
import { testDatabase } from '../../testing/database';
import { ArchiveFault, readArchive } from './read';
import { archiveSchema, type SectionName, sectionNames } from './schemas';
import { sections } from './sections';
import { archiveText } from './write';

const database = testDatabase();
const em = () => database.em();
let scope: Scope;
let plantId = '';
beforeEach(async () => {
  scope = await database.freshScope();
  plantId = await fillCollection();
});

const planCase = { genus: 'oncidium', place: 'heated-flat' } as unknown as PlanCase;
const spec = {
  approach: 'organic pot',
  vessel: { kind: 'pot', potKindId: 'net-pot', rimDiameterCm: 12 },
  layers: [{ role: 'main', mix: [{ mediumId: 'bark-6-12', parts: 1 }], heightCm: 8 }],
} as const;

/** One of everything that can be kept; the plant with the longest life. */
async function fillCollection(): Promise<string> {
  const stock = await addToStock(em(), scope, {
    item: { thing: { kind: 'medium', mediumId: 'bark-6-12' }, lowAt: 2 },
    amount: 12.345,
    happenedOn: '2026-01-01',
  });
  const takes = 'batchId' in stock ? [{ itemId: stock.itemId, amount: 0.9 }] : [];
  const potting = pottingInputSchema.parse({
    plantName: 'Öncidium “Ø”',
    planCase,
    spec,
    pottedOn: '2024-04-18',
    note: '\u{1F33F}',
    takes,
  });
  const potted = await recordPotting(em(), scope, potting, 'Bark');
  const id = 'plantId' in potted ? potted.plantId : '';
  const photoId = randomUUID();
  const bytes = await sharp({ create: { width: 40, height: 30, channels: 3, background: '#3a5' } })
    .jpeg()
    .toBuffer();
  const read = await readPicture(bytes);
  if (read.status === 'refused') throw new Error(read.why);
  await keepPhoto(em(), scope, photoId, digestOfSent(bytes), read.picture);
  const seen = {
    plantId: id,
    plantName: 'x',
    planCase,
    inspectedOn: '2025-03-01',
    inspection: { liveRootsPct: 80, photoIds: [photoId] },
  };
  await recordInspection(em(), scope, inspectionInputSchema.parse(seen));
  const care = {
    kind: 'watered',
    plantIds: [id],
    happenedOn: '2025-05-01',
    details: { felt: 'dry', note: 'a "quoted" word' },
  };
  await recordQuick(em(), scope, quickInputSchema.parse(care));
  await addPlant(
    em(),
    scope,
    addInputSchema.parse({
      facts: { name: 'Part' },
      happenedOn: '2025-06-01',
      like: { plantId: id, isDivision: true },
    }),
  );
  const [event] = (await plantLog(em(), scope, id))!.care.filter(({ kind }) => kind === 'watered');
  await correctEvent(em(), scope, event!.id, correctionSchema.parse({ happenedOn: '2025-05-02' }), 1);
  const hidden = (await plantLog(em(), scope, id))!.inspections[0]!;
  await setEventHidden(em(), scope, hidden.id, new Date());
  const { version } = (await plantLog(em(), scope, id))!;
  await changeFacts(em(), scope, id, plantFactsSchema.parse({ name: 'Öncidium “Ø”', tagNumber: '9' }), version);
  const medium = { name: 'Sieved', likeId: 'bark-6-12' } as const;
  const own = await saveLibraryItem(em(), scope, 'medium', medium);
  await changeLibraryItem(em(), scope, 'medium', own.id, { ...medium, name: 'Sieved twice' }, 1);
  const { id: _id, ...traits } = genusById('vanda');
  await saveLibraryItem(em(), scope, 'genus', librarySchemas.genus.parse({ ...traits, name: 'Mine' }));
  await savePlace(em(), scope, { ...demoPlaces[0]!, id: randomUUID(), name: 'My sill' }, null);
  const dayId = randomUUID();
  const day = { on: '2027-03-06', hours: 3, plants: [{ id, name: 'Öncidium', case: planCase, setup: spec }] };
  await saveDay(em(), scope, dayId, savedDaySchema.parse(day), null);
  const begun = { kind: 'begun', at: '2027-03-06T09:00:00.000Z', idempotencyKey: randomUUID() };
  await keepEntry(em(), scope, dayId, dayEntryInputSchema.parse(begun), () => 'Bark');
  const list = {
    name: 'mine.csv',
    takenInOn: '2026-01-01',
    places: ['bathroom'],
    plants: [{ facts: { name: 'Listed' }, genusId: 'vanda', place: 0 }],
  };
  await takeInList(em(), scope, listInputSchema.parse(list));
  return id;
}

async function written(of: Scope = scope): Promise<string> {
  let text = '';
  for await (const piece of archiveText(em(), of, new Date('2026-11-27T10:00:00Z'))) text += piece;
  return text;
}

/** In pieces of any length, as they come over a wire. */
async function* pieces(text: string, length = 777): AsyncGenerator<Uint8Array> {
  const bytes = Buffer.from(text);
  for (let from = 0; from < bytes.length; from += length) yield bytes.subarray(from, from + length);
}

const read = async (text: string, more: object = {}) =>
  readArchive(em(), scope, pieces(text), { name: 'test.json', isTrial: false, idempotencyKey: randomUUID(), ...more });

async function wipe(): Promise<void> {
  await em().execute(`delete from plant_state where collection_id = ?`, [scope.collectionId]);
  for (const name of [...sectionNames].reverse()) {
    const { table, parent, hasCollection } = sections[name];
    const whose = hasCollection
      ? 'collection_id = ?'
      : `${parent!.column} in (select id from ${parent!.table} where collection_id = ?)`;
    await em().execute(`delete from ${table} where ${whose}`, [scope.collectionId]);
  }
}

const sectionsOf = (text: string) => JSON.parse(text) as Record<SectionName, readonly { id: string; kind?: string }[]>;

test('the file is what its schema says, and holds one of everything', async () => {
  const text = await written();
  const parsed = archiveSchema.safeParse(JSON.parse(text));
  expect(parsed.error?.issues ?? []).toEqual([]);
  expect(sectionNames.filter((name) => sectionsOf(text)[name].length === 0)).toEqual([]);
});

test('everything gone, read again, it is the same to the last letter, and so is what the plant’s page says', async () => {
  const before = await written();
  const log = await plantLog(em(), scope, plantId, '2026-11-27');
  await wipe();
  expect(sectionsOf(await written()).plants).toEqual([]);
  const { sections: counts } = await read(before);
  for (const name of sectionNames) expect([name, counts[name].added]).toEqual([name, sectionsOf(before)[name].length]);
  const after = await written();
  const isOurs = (intakes: readonly { kind?: string }[]) => intakes.filter(({ kind }) => kind === 'list');
  const [one, other] = [sectionsOf(before), sectionsOf(after)];
  expect({ ...other, intakes: isOurs(other.intakes) }).toEqual({ ...one, intakes: isOurs(one.intakes) });
  expect(await plantLog(em(), scope, plantId, '2026-11-27')).toEqual(log);
});

test('only tried, it says what it would do and keeps nothing', async () => {
  const before = await written();
  await wipe();
  const { sections: counts, intakeId } = await read(before, { isTrial: true });
  expect([counts.plants.added, counts.photographs.added, intakeId]).toEqual([3, 1, null]);
  expect(sectionsOf(await written()).plants).toEqual([]);
});

test('what is here already stays as it is here; read twice nothing is doubled', async () => {
  const before = await written();
  await changeFacts(
    em(),
    scope,
    plantId,
    plantFactsSchema.parse({ name: 'Renamed here' }),
    (await plantLog(em(), scope, plantId))!.version,
  );
  const { sections: counts, intakeId } = await read(before);
  expect([counts.plants, counts.events.added, intakeId]).toEqual([{ read: 3, added: 0 }, 0, null]);
  expect((await plantLog(em(), scope, plantId))!.name).toBe('Renamed here');
});

test('what it brought is undone as one', async () => {
  const before = await written();
  await wipe();
  const { intakeId } = await read(before);
  expect((await listIntakes(em(), scope)).intakes[0]).toMatchObject({ kind: 'archive', name: 'test.json', plants: 3 });
  await setIntakeUndone(em(), scope, intakeId!, new Date());
  expect(await plantLog(em(), scope, plantId)).toBeNull();
  await setIntakeUndone(em(), scope, intakeId!, null);
  expect(await plantLog(em(), scope, plantId)).not.toBeNull();
});

/** Everything that screens and files read. */
async function everyReading(): Promise<void> {
  const today = '2026-11-27';
  await dueList(em(), scope, today);
  await listSignWatch(em(), scope);
  await listAftercare(em(), scope, today);
  await insightsOf(em(), scope, today);
  await listTrials(em(), scope);
  await listStock(em(), scope);
  await listDays(em(), scope);
  await listPlaces(em(), scope, firstPage);
  for (const kind of libraryKinds) await listLibrary(em(), scope, kind, firstPage);
  await listPlants(em(), scope, everyPlant, today);
  await listFacets(em(), scope);
  for (const { id } of sectionsOf(await written()).plants) {
    expect(await plantLog(em(), scope, id, today)).not.toBeNull();
    await needsOfPlant(em(), scope, id, today);
  }
}

type Poison = readonly [string, (rows: Record<SectionName, Record<string, unknown>[]>) => void];
const everyData = (of: 'events' | 'ownItems' | 'pottingDays' | 'dayEntries' | 'places', data: unknown): Poison[1] => {
  return (rows) => rows[of].forEach((row) => Object.assign(row, of === 'places' ? { air: data } : { data }));
};
const poisons: readonly Poison[] = [
  [
    'a day to look again that is a number',
    (rows) => {
      const [looked] = rows.events;
      Object.assign(looked!, { kind: 'looked', data: { sign: 'tips', risk: 'x', answer: 'waiting', lookOn: 1 } });
    },
  ],
  ...[{}, { place: 7, from: 'x', felt: [], photoIds: 'no', until: 3, need: {} }, { recipe: 'x', planCase: 4 }].flatMap(
    (data): Poison[] => [
      [`events that say ${JSON.stringify(data)}`, everyData('events', data)],
      [`own things that are ${JSON.stringify(data)}`, everyData('ownItems', data)],
      [`days that are ${JSON.stringify(data)}`, everyData('pottingDays', data)],
      [`entries of days that are ${JSON.stringify(data)}`, everyData('dayEntries', data)],
      [`places whose air is ${JSON.stringify(data)}`, everyData('places', data)],
      [
        `plants whose case is ${JSON.stringify(data)}`,
        (rows) => rows.plants.forEach((row) => Object.assign(row, { lastCase: data })),
      ],
    ],
  ),
  [
    'a plant of a kind that nobody knows',
    (rows) => rows.plants.forEach((row) => Object.assign(row, { genusId: 'nowhere' })),
  ],
];

test.each(poisons)(
  '%s: taken in, no screen breaks; what cannot be read is shown as such, and goes out as it came',
  async (_what, spoil) => {
    const rows = JSON.parse(await written()) as Record<SectionName, Record<string, unknown>[]>;
    await wipe();
    spoil(rows);
    await read(JSON.stringify(rows));
    await everyReading();
    const out = JSON.parse(await written()) as Record<SectionName, Record<string, unknown>[]>;
    expect(out.events).toEqual(rows.events);
  },
);

test('amounts beyond all measure are refused', async () => {
  const rows = JSON.parse(await written()) as Record<SectionName, Record<string, unknown>[]>;
  await wipe();
  rows.stockEntries[0]!.amount = 1.7e308;
  await expect(read(JSON.stringify(rows))).rejects.toThrow(/stockEntries, row 1, amount/);
});

test('what it brought to plants that were here is undone with it, and comes back', async () => {
  const before = await written();
  await em().execute('delete from event_before where event_id in (select id from event where collection_id = ?)', [
    scope.collectionId,
  ]);
  await em().execute(`delete from event where collection_id = ? and kind = 'watered'`, [scope.collectionId]);
  await em().execute('delete from place where collection_id = ?', [scope.collectionId]);
  const watered = async () =>
    (await plantLog(em(), scope, plantId))!.care.filter(({ kind }) => kind === 'watered').length;
  const places = async () => (await listPlaces(em(), scope, firstPage)).places.length;
  const { intakeId } = await read(before);
  expect(intakeId).not.toBeNull();
  expect([await watered(), await places()]).toEqual([1, 1]);
  await setIntakeUndone(em(), scope, intakeId!, new Date());
  expect([await watered(), await places()]).toEqual([0, 0]);
  await setIntakeUndone(em(), scope, intakeId!, null);
  expect([await watered(), await places()]).toEqual([1, 1]);
});

describe('what is no whole archive is refused in words, and keeps nothing', () => {
  const cases: readonly (readonly [string, (text: string) => string, RegExp])[] = [
    ['cut off', (text) => text.slice(0, -40), /cut off/],
    ['of nothing', () => '', /no archive|cut off/],
    ['of something else', () => '{"format": "else", "version": 1, "plants": [{}]}', /no archive|plants, row 1/],
    ['no JSON', (text) => text.replace('"plants"', 'plants'), /damaged/],
    ['of a newer program', (text) => text.replace('"version":1', '"version":2'), /Its version is 2/],
    [
      'with a section nobody knows',
      (text) => text.replace('"plants": [', '"spaceships": [{"id": 1}],\n"plants": ['),
      /spaceships/,
    ],
    [
      'with a row that is none',
      (text) => text.replace(/"kind":"watered"/, '"kind":"sung to"'),
      /events, row \d+, kind/,
    ],
    [
      'with a picture that is none',
      (text) => text.replace('"whole":"/9j/', '"whole":"AAAA'),
      /photographs, row 1, whole/,
    ],
  ];
  test.each(cases)('%s', async (_what, spoil, said) => {
    const before = await written();
    await wipe();
    await expect(read(spoil(before))).rejects.toThrow(said);
    await expect(read(spoil(before))).rejects.toThrow(ArchiveFault);
    expect(sectionsOf(await written()).plants).toEqual([]);
  });

  test.each([
    ['with one text of 20 million letters', 20_000_000],
    ['with one of two million', 2_000_000],
  ])('%s, at once and without much memory', async (_what, letters) => {
    const before = await written();
    await wipe();
    const long = before.replace('"title":"', `"title":"${'x'.repeat(letters)}`);
    await expect(read(long)).rejects.toThrow(/longer than/);
    expect(sectionsOf(await written()).plants).toEqual([]);
  });

  test('with things of another collection', async () => {
    const theirs = await written();
    const mine = await database.freshScope();
    const taking = readArchive(em(), mine, pieces(theirs), { name: 'x', isTrial: false, idempotencyKey: randomUUID() });
    await expect(taking).rejects.toThrow(/another collection/);
  });

  test('left while it was read', async () => {
    const before = await written();
    await wipe();
    await expect(read(before, { isLeft: () => true })).rejects.toThrow(/Stopped/);
    expect(sectionsOf(await written()).plants).toEqual([]);
  });
});

test('whoever stops fetching leaves no transaction open', async () => {
  const own = em();
  const text = archiveText(own, scope, new Date());
  await text.next();
  await text.next();
  await text.return(undefined);
  expect(own.isInTransaction()).toBe(false);
});
