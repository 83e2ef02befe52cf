/**
 * The whole collection as one JSON document: every row as it is kept, section by section, each after those it speaks of. What lies
 * in a row's `data` has the shape of its kind and `dataVersion`, as the program that wrote it knew it.
 */
import * as z from 'zod';
import { dayIn, momentIn, quantity, stockEntryKinds } from '@core';
import { eventKinds } from '../../records/journal/schemas';
import { libraryKinds } from '../../records/library/schemas';
import { plantFlags } from '../../records/plants/facts-schemas';

export const ARCHIVE_FORMAT = 'tender-cairn archive';
export const ARCHIVE_VERSION = 1;

const moment = momentIn('a moment');
const id = z.uuid();
const count = z.int().min(1);
const json = z.record(z.string(), z.unknown());
const text = (most: number) => z.string().min(1).max(most);
const version = { version: count };
const key = z.string().min(1).max(80);

const place = z.strictObject({
  id,
  name: text(120),
  air: json,
  airVersion: count,
  ...version,
  idempotencyKey: key.nullable(),
  createdAt: moment,
  deletedAt: moment.nullable(),
});

const ownItem = z.strictObject({
  id,
  kind: z.enum(libraryKinds),
  name: text(120),
  data: json,
  dataVersion: count,
  ...version,
  idempotencyKey: key.nullable(),
  createdAt: moment,
  deletedAt: moment.nullable(),
});

const ownItemBefore = z.strictObject({
  id,
  itemId: id,
  ...version,
  name: text(120),
  data: json,
  dataVersion: count,
  replacedAt: moment,
});

const plant = z.strictObject({
  id,
  name: text(120),
  genusId: text(80),
  tagNumber: text(40).nullable(),
  parentage: text(200).nullable(),
  source: text(200).nullable(),
  acquiredOn: dayIn('acquiredOn').nullable(),
  spot: text(80).nullable(),
  flag: z.enum(plantFlags).nullable(),
  dividedFromId: id.nullable(),
  dividedOn: dayIn('dividedOn').nullable(),
  lastCase: json,
  caseVersion: count,
  ...version,
  createdAt: moment,
  deletedAt: moment.nullable(),
});

const plantBefore = z.strictObject({ id, plantId: id, ...version, facts: json, replacedAt: moment });

const event = z.strictObject({
  id,
  plantId: id,
  kind: z.enum(eventKinds),
  happenedOn: dayIn('happenedOn'),
  recordedAt: moment,
  idempotencyKey: key,
  title: text(200),
  data: json,
  dataVersion: count,
  batchId: id.nullable(),
  ...version,
  hiddenAt: moment.nullable(),
});

const eventBefore = z.strictObject({
  id,
  eventId: id,
  ...version,
  happenedOn: dayIn('happenedOn'),
  data: json,
  dataVersion: count,
  replacedAt: moment,
});

const stockEntry = z.strictObject({
  id,
  itemId: id,
  kind: z.enum(stockEntryKinds),
  amount: quantity('stockAmount'),
  happenedOn: dayIn('happenedOn'),
  note: z.string().max(500),
  eventId: id.nullable(),
  batchId: id,
  recordedAt: moment,
  idempotencyKey: key,
  hiddenAt: moment.nullable(),
});

const intake = z.strictObject({
  id,
  kind: z.enum(['list', 'archive']),
  name: text(200),
  takenInAt: moment,
  plantIds: z.array(id),
  brought: z.record(z.string(), z.array(id)).default({}),
  idempotencyKey: key,
  undoneAt: moment.nullable(),
});

const pottingDay = z.strictObject({
  id,
  onDay: dayIn('onDay'),
  data: json,
  dataVersion: count,
  ...version,
  createdAt: moment,
  deletedAt: moment.nullable(),
});

const dayEntry = z.strictObject({
  id,
  dayId: id,
  kind: text(20),
  at: moment,
  data: json,
  recordedAt: moment,
  idempotencyKey: key,
});

/** A JPEG begins so, in base64. */
const JPEG_BEGINS = /^\/9j\//;
const picture = z.base64().regex(JPEG_BEGINS, { error: 'must be a JPEG picture in base64' });

const photograph = z.strictObject({
  id,
  sentSha256: z.string().regex(/^[0-9a-f]{64}$/),
  whole: picture,
  small: picture,
  widthPx: count,
  heightPx: count,
  createdAt: moment,
  hiddenAt: moment.nullable(),
});

/** Each row by its section, in the order in which they stand in the file. */
export const sectionSchemas = {
  places: place,
  ownItems: ownItem,
  ownItemsBefore: ownItemBefore,
  plants: plant,
  plantsBefore: plantBefore,
  events: event,
  eventsBefore: eventBefore,
  stockEntries: stockEntry,
  pottingDays: pottingDay,
  dayEntries: dayEntry,
  intakes: intake,
  photographs: photograph,
} as const;
export type SectionName = keyof typeof sectionSchemas;
export const sectionNames = Object.keys(sectionSchemas) as readonly SectionName[];

/** The whole document, for whoever reads or writes one elsewhere: sections in this order, one that is missing is empty. */
export const archiveSchema = z.strictObject({
  format: z.literal(ARCHIVE_FORMAT),
  version: z.literal(ARCHIVE_VERSION),
  writtenAt: moment,
  ...Object.fromEntries(sectionNames.map((name) => [name, z.array(sectionSchemas[name]).optional()])),
});

const sectionCount = z.object({ read: z.number(), added: z.number() });

/** What reading an archive did, or would do. */
export const archiveReadSchema = z.object({
  sections: z.record(z.enum(sectionNames as [SectionName, ...SectionName[]]), sectionCount),
  /** Under which it can be undone; null where it was only tried, or brought no plant. */
  intakeId: z.uuid().nullable(),
});
export type ArchiveRead = z.infer<typeof archiveReadSchema>;
