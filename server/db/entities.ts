/**
 * What is kept. Every row belongs to a collection, so that people and their accounts can be added
 * beside it without moving anything. Nothing is deleted from the tables: `deletedAt` hides a row,
 * and undo clears it.
 */
import { defineEntity, p, type InferEntity } from '@mikro-orm/core';

export const Collection = defineEntity({
  name: 'Collection',
  tableName: 'collection',
  properties: {
    id: p.uuid().primary(),
    name: p.string().length(120),
    createdAt: p.datetime(),
    /** When the demonstration plants were put in; they are never put in twice. */
    demoLoadedAt: p.datetime().nullable(),
  },
});

export const Plant = defineEntity({
  name: 'Plant',
  tableName: 'plant',
  properties: {
    id: p.uuid().primary(),
    collection: () => p.manyToOne(Collection),
    name: p.string().length(120),
    genusId: p.string().length(80),
    /** The case last saved for it, as validated JSON. */
    lastCase: p.json<unknown>(),
    createdAt: p.datetime(),
    deletedAt: p.datetime().nullable(),
  },
});

export const Potting = defineEntity({
  name: 'Potting',
  tableName: 'potting',
  properties: {
    id: p.uuid().primary(),
    collection: () => p.manyToOne(Collection),
    plant: () => p.manyToOne(Plant),
    /** The day it was potted, YYYY-MM-DD. */
    pottedOn: p.string().length(10),
    title: p.string().length(200),
    /** What was asked, what was chosen and what came out of each bag, as validated JSON. */
    planCase: p.json<unknown>(),
    spec: p.json<unknown>(),
    recipe: p.json<unknown>(),
    note: p.string().length(2000),
    createdAt: p.datetime(),
    deletedAt: p.datetime().nullable(),
  },
});

export const StoredPlace = defineEntity({
  name: 'StoredPlace',
  tableName: 'place',
  properties: {
    id: p.uuid().primary(),
    collection: () => p.manyToOne(Collection),
    name: p.string().length(120),
    /** The place with its twelve months, as validated JSON. */
    air: p.json<unknown>(),
    createdAt: p.datetime(),
    deletedAt: p.datetime().nullable(),
  },
});

/** Media, pots and genera of the grower's own. */
export const OwnItem = defineEntity({
  name: 'OwnItem',
  tableName: 'own_item',
  properties: {
    id: p.uuid().primary(),
    collection: () => p.manyToOne(Collection),
    /** medium, pot or genus. */
    kind: p.string().length(20),
    name: p.string().length(120),
    /** The thing itself, as validated JSON. */
    data: p.json<unknown>(),
    createdAt: p.datetime(),
    deletedAt: p.datetime().nullable(),
  },
});

export type OwnItemRow = InferEntity<typeof OwnItem>;
export type StoredPlaceRow = InferEntity<typeof StoredPlace>;
export type CollectionRow = InferEntity<typeof Collection>;
export type PlantRow = InferEntity<typeof Plant>;
export type PottingRow = InferEntity<typeof Potting>;
