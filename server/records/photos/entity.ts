/** A photograph as it is shown: made anew from what was sent, and small. Which event it belongs to stands in that event. */
import { defineEntity, p } from '@mikro-orm/core';
import { GrowersCollection } from '../collections/entity';

export const Photo = defineEntity({
  name: 'Photo',
  tableName: 'photo',
  properties: {
    /** Made by whoever took it, so that it can be told of before it has arrived. */
    id: p.uuid().primary(),
    collection: () => p.manyToOne(GrowersCollection),
    /** Of the bytes sent: the same again is the same photograph. */
    sentSha256: p.string().length(64),
    whole: p.blob().lazy(),
    small: p.blob().lazy(),
    widthPx: p.integer(),
    heightPx: p.integer(),
    createdAt: p.datetime(),
    hiddenAt: p.datetime().nullable(),
  },
});
