/** A grower's own list of plants, settled in the browser and taken in whole. Shared with the screens. */
import * as z from 'zod';
import {
  faultCode,
  genusIds,
  listOf,
  MAX_MIX_PARTS,
  mediumIds,
  mixPartSchema,
  oneOf,
  quantity,
  placeOrIdSchema,
  textOf,
  dayIn,
} from '@core';
import { waysToLeave } from '../../records/journal/quick-entry-schemas';
import { plantFactsSchema } from '../../records/plants/facts-schemas';

export const MOST_PLANTS_OF_A_LIST = 5000;
const MOST_PLACES = 60;

const day = dayIn;
const mostPlants = faultCode({ code: 'at most', field: 'plants', most: MOST_PLANTS_OF_A_LIST, what: 'plants' });
const noPlant = faultCode({ code: 'at least one', field: 'plants', what: 'plant' });
const noPlace = faultCode({ code: 'at least one', field: 'places', what: 'place' });
const mostPlaces = faultCode({ code: 'at most', field: 'places', most: MOST_PLACES, what: 'places' });

const listPlantSchema = z.strictObject({
  facts: plantFactsSchema,
  genusId: oneOf('genusId', genusIds),
  /** What the list says it is: a species may differ from its group. */
  kindText: textOf('kindText', 0, 200).optional(),
  /** Which of the places, from 0. */
  place: z
    .int({ error: noPlace })
    .min(0, { error: noPlace })
    .max(MOST_PLACES - 1, { error: noPlace }),
  mediumId: oneOf('mediumId', mediumIds).optional(),
  /** Its parts, where it is a mix. */
  mix: listOf('mix', mixPartSchema, MAX_MIX_PARTS, 'parts', 'part').optional(),
  rimDiameterCm: quantity('rimDiameterCm').optional(),
  inMediumSince: day('inMediumSince').optional(),
  wateredOn: day('wateredOn').optional(),
  left: z.strictObject({ on: day('left.on'), how: oneOf('left.how', waysToLeave) }).optional(),
  note: textOf('note', 0, 2000).default(''),
});

export const listInputSchema = z
  .strictObject({
    /** Of the file, for whoever wonders later where they came from. */
    name: textOf('name', 1, 200),
    /** The grower's day. */
    takenInOn: day('takenInOn'),
    places: z.array(placeOrIdSchema).min(1, { error: noPlace }).max(MOST_PLACES, { error: mostPlaces }),
    plants: z.array(listPlantSchema).min(1, { error: noPlant }).max(MOST_PLANTS_OF_A_LIST, { error: mostPlants }),
    idempotencyKey: textOf('idempotencyKey', 8, 72).optional(),
  })
  .superRefine(({ places, plants }, check) => {
    for (const [n, plant] of plants.entries()) {
      if (plant.place < places.length) continue;
      check.addIssue({ code: 'custom', path: ['plants', n, 'place'], message: noPlace });
    }
  });
export type ListInput = z.infer<typeof listInputSchema>;

export const takenInSchema = z.object({ id: z.uuid(), plants: z.number() });
export type TakenIn = z.infer<typeof takenInSchema>;
