/** A plant. Its life stands in its events; here is only what a list shows, and the case last said of it. */
import { defineEntity, p, type InferEntity } from '@mikro-orm/core';
import { GrowersCollection } from '../collections/entity';

export const Plant = defineEntity({
  name: 'Plant',
  tableName: 'plant',
  properties: {
    id: p.uuid().primary(),
    collection: () => p.manyToOne(GrowersCollection),
    name: p.string().length(120),
    genusId: p.string().length(80),
    /** What the grower wrote on the tag to tell it from all others. */
    tagNumber: p.string().length(40).nullable(),
    parentage: p.string().length(200).nullable(),
    /** Where it came from. */
    source: p.string().length(200).nullable(),
    /** YYYY-MM-DD */
    acquiredOn: p.date().nullable(),
    /** Where in its place it stands. */
    spot: p.string().length(80).nullable(),
    flag: p.string().length(20).nullable(),
    /** A division knows which plant it was part of, and until when; else null. */
    dividedFromId: p.uuid().nullable(),
    dividedOn: p.date().nullable(),
    /** The case last saved for it, as validated JSON, and the version of its shape. */
    lastCase: p.json<unknown>(),
    caseVersion: p.integer(),
    /** Counts the changes; a late writer is told. */
    version: p.integer(),
    createdAt: p.datetime(),
    /** Put away; undo clears it. */
    deletedAt: p.datetime().nullable(),
  },
});

export type PlantRow = InferEntity<typeof Plant>;

/** What stood on a plant's tag and in its papers before a change: kept for good. */
export const PlantBefore = defineEntity({
  name: 'PlantBefore',
  tableName: 'plant_before',
  properties: {
    id: p.uuid().primary(),
    plant: () => p.manyToOne(Plant),
    version: p.integer(),
    facts: p.json<unknown>(),
    replacedAt: p.datetime(),
  },
});
