/** The kinds of events, each with its shape and its versions; what is sent, and what is answered. */
import * as z from 'zod';
import {
  faultCode,
  inspectionSchema,
  inspectionVersions,
  oneOf,
  quantity,
  questionVersions,
  setupSpecSchema,
  stockThingSchema,
  textOf,
  timingSigns,
  upTo,
  type Versions,
  watchRisks,
  dayIn,
} from '@core';
import { planCaseSchema } from '../plants/case-schemas';
import { type QuickKind, quickKinds } from './quick-entry-schemas';
import { quickVersions, keptSchemas } from './quick-schemas';
import { signAnswers, signCheckSchema, recipeLineSchema } from './entry-schemas';

export const eventKinds = ['planned', 'potted', 'inspected', 'looked', ...quickKinds] as const;
export type EventKind = (typeof eventKinds)[number];

/** Saved setups carry the short id they had. */
const savedSpecSchema = z.looseObject({ id: z.string() });

export const pottedSchema = z.object({
  planCase: planCaseSchema,
  spec: savedSpecSchema,
  recipe: z.array(recipeLineSchema),
  note: z.string(),
});

export const plannedSchema = z.object({
  planCase: planCaseSchema,
  spec: savedSpecSchema,
  /** The day it is meant for, YYYY-MM-DD; null where none is set. */
  forOn: dayIn('forOn').nullable().default(null),
  note: z.string(),
});

const day = dayIn;

const signCheckVersions: Versions = { newest: 1, upgrades: {} };

export interface EventShape<T> {
  readonly schema: z.ZodType<T>;
  readonly versions: Versions;
}

const quickShapes = Object.fromEntries(
  quickKinds.map((kind) => [kind, { schema: keptSchemas[kind], versions: quickVersions }]),
) as unknown as { readonly [K in QuickKind]: EventShape<z.infer<(typeof keptSchemas)[K]>> };

export const eventShapes = {
  planned: { schema: plannedSchema, versions: questionVersions },
  // Its case changes with the shape of what is asked.
  potted: { schema: pottedSchema, versions: questionVersions },
  inspected: { schema: inspectionSchema, versions: inspectionVersions },
  looked: { schema: signCheckSchema, versions: signCheckVersions },
  ...quickShapes,
} as const satisfies Record<EventKind, EventShape<unknown>>;

const ofPlant = {
  /** An existing plant, or null for a new one. */
  plantId: z
    .uuid({ error: faultCode({ code: 'id', field: 'plantId', of: 'a plant, or null' }) })
    .nullable()
    .default(null),
  /** The same key twice saves once: for a double tap, or a retry after a lost answer. */
  idempotencyKey: textOf('idempotencyKey', 8, 80).optional(),
  plantName: textOf('plantName', 1, 120),
  planCase: planCaseSchema,
};

const MOST_STOCK_LINES = 40;

/** What was potted, and what it took. */
const potting = {
  pottedOn: day('pottedOn'),
  note: textOf('note', 0, 2000).default(''),
  spec: setupSpecSchema,
  /** What is taken from stock for it. */
  takes: upTo(
    'takes',
    z.strictObject({
      itemId: z.uuid({ error: faultCode({ code: 'id', field: 'itemId', of: 'a thing in stock' }) }),
      amount: quantity('stockAmount'),
    }),
    MOST_STOCK_LINES,
    'things',
  ).optional(),
  /** What comes back into stock: the old pot. */
  gives: upTo(
    'gives',
    z.strictObject({ thing: stockThingSchema, amount: quantity('stockAmount') }),
    MOST_STOCK_LINES,
    'things',
  ).optional(),
};

/** What "Potted it" sends. */
export const pottingInputSchema = z.strictObject({
  ...ofPlant,
  /** The plant's version as last seen; a plant changed since then is not overwritten. */
  plantVersion: z.int().min(1).optional(),
  ...potting,
});

/** What a potting says when it is put right. Where takes are named, stock is put right with it. */
export const pottingRightSchema = z.strictObject({ planCase: planCaseSchema, ...potting });
export type PottingRight = z.infer<typeof pottingRightSchema>;

/** A setup that is meant for a plant: name and case count for a new plant only. */
export const planInputSchema = z.strictObject({
  ...ofPlant,
  plannedOn: day('plannedOn'),
  forOn: day('forOn').nullable().default(null),
  note: textOf('note', 0, 2000).default(''),
  spec: setupSpecSchema,
});
export type PlanInput = z.infer<typeof planInputSchema>;

/** What is sent when a plant has been looked over; name and case count for a new plant only. */
export const inspectionInputSchema = z.strictObject({
  ...ofPlant,
  inspectedOn: day('inspectedOn'),
  inspection: inspectionSchema,
});
export type InspectionInput = z.infer<typeof inspectionInputSchema>;

/** What is sent when a plant begins to wait for a sign, and at each look at it. */
export const signCheckInputSchema = z
  .strictObject({
    ...ofPlant,
    lookedOn: day('lookedOn'),
    sign: oneOf('sign', timingSigns),
    risk: oneOf('risk', watchRisks),
    answer: oneOf('answer', signAnswers),
    lookOn: day('lookOn').nullable(),
  })
  .refine(({ answer, lookOn }) => (lookOn !== null) === (answer === 'waiting' || answer === 'not yet'), {
    error: faultCode({ code: 'given together', fields: ['lookOn', 'an answer that waits on'] }),
    path: ['lookOn'],
  });
export type SignCheckInput = z.infer<typeof signCheckInputSchema>;
export type PottingInput = z.infer<typeof pottingInputSchema>;
