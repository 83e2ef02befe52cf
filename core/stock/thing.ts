/** What can lie in stock, each with the unit it is counted in, and how it may be used again. */
import * as z from 'zod';
import { faultCode } from '../base';
import { oneOf, quantity, textOf } from '../case';
import { mediumById, mediumIds } from '../catalogue/media';
import type { ReuseRule } from '../physics/media';
import { mountKindById, mountKindIds, potKindById, potKindIds } from '../catalogue/vessels';

/**
 * Used pieces of stone and their like (common practice, no source): rinsed for the plant they came from, boiled or baked for
 * another, or as crocking. Spent organic media are not kept, and nothing that has touched roots goes back among the clean.
 */
export const usedMediumStates = ['same plant', 'boiled', 'crocking'] as const;
export type UsedMediumState = (typeof usedMediumStates)[number];

export const usedVesselStates = ['to be washed', 'washed'] as const;

export const sundryKinds = [
  'wick',
  'water gauge',
  'stake',
  'tie',
  'tag',
  'hanger',
  'wire hook',
  'drainage mesh',
  'other',
] as const;

/** What each rule of the catalogue leaves of it. */
const usesLeft: Readonly<Record<ReuseRule, readonly UsedMediumState[]>> = {
  never: [],
  'same plant, rinsed': ['same plant'],
  'same plant rinsed, others after boiling or baking': ['same plant', 'boiled', 'crocking'],
  'same plant, rinsed; cannot be boiled': ['same plant', 'crocking'],
};

/** How used pieces of a medium may serve once more; none where it has done its time. */
export function usesLeftOf(mediumId: string): readonly UsedMediumState[] {
  return usesLeft[mediumById(mediumId).reuse];
}

const mediumThing = z
  .strictObject({
    kind: z.literal('medium'),
    mediumId: oneOf('mediumId', mediumIds),
    /** The grower's own medium, like the one named. */
    ownName: textOf('name of the medium', 1, 60).optional(),
    used: oneOf('used', usedMediumStates).optional(),
    /** Which plant it came from; only with used. */
    usedWith: textOf('the plant it came from', 1, 120).optional(),
  })
  .superRefine(({ mediumId, used, usedWith }, check) => {
    const refuse = (path: string, message: string) => check.addIssue({ code: 'custom', path: [path], message });
    if (used === undefined) {
      if (usedWith !== undefined) refuse('usedWith', faultCode({ code: 'only used', field: 'the plant it came from' }));
      return;
    }
    const left = usesLeftOf(mediumId);
    if (!left.includes(used)) refuse('used', faultCode({ code: 'not used again', left }));
    if (used === 'same plant' && usedWith === undefined) {
      refuse('usedWith', faultCode({ code: 'not empty', field: 'the plant it came from' }));
    }
  });

const usedVessel = { used: oneOf('used', usedVesselStates).optional() };

export const stockThingSchema = z.discriminatedUnion(
  'kind',
  [
    mediumThing,
    z.strictObject({
      kind: z.literal('pot'),
      potKindId: oneOf('potKindId', potKindIds),
      rimDiameterCm: quantity('rimDiameterCm'),
      heightCm: quantity('potHeightCm').optional(),
      baseDiameterCm: quantity('baseDiameterCm').optional(),
      ...usedVessel,
    }),
    z.strictObject({
      kind: z.literal('mount'),
      mountKindId: oneOf('mountKindId', mountKindIds),
      widthCm: quantity('mountWidthCm'),
      ...usedVessel,
    }),
    z.strictObject({
      kind: z.literal('sundry'),
      sundry: oneOf('sundry', sundryKinds),
      /** What exactly; of "other" it is the name. */
      ownName: textOf('name', 1, 60).optional(),
    }),
  ],
  { error: faultCode({ code: 'one of', field: 'kind', names: ['medium', 'pot', 'mount', 'sundry'] }) },
);
export type StockThing = z.infer<typeof stockThingSchema>;

/** Litres of a medium, pieces of everything else. */
export type StockUnit = 'L' | 'pieces';
export const stockUnitOf = ({ kind }: Pick<StockThing, 'kind'>): StockUnit => (kind === 'medium' ? 'L' : 'pieces');

/** A price in a currency by its ISO 4217 code. */
export const priceSchema = z.strictObject({
  amount: quantity('price'),
  currency: z
    .string({ error: faultCode({ code: 'currency' }) })
    .regex(/^[A-Z]{3}$/, { error: faultCode({ code: 'currency' }) }),
});
export const stockItemSchema = z
  .strictObject({
    thing: stockThingSchema,
    /** So much, or less, is little. */
    lowAt: quantity('stockAmount').optional(),
    /** What a bag holds, litres; of media only. */
    bagL: quantity('volumeL').optional(),
    /** Of a bag where that is said, else of a litre or a piece. */
    price: priceSchema.optional(),
    note: textOf('note', 0, 500).optional(),
  })
  .superRefine(({ thing, bagL }, check) => {
    if (bagL !== undefined && thing.kind !== 'medium') {
      check.addIssue({ code: 'custom', path: ['bagL'], message: faultCode({ code: 'unknown field' }) });
    }
  });
export type StockItem = z.infer<typeof stockItemSchema>;

const usedName = (used: string | undefined): string => (used === undefined ? '' : `, ${used}`);

/** A short name in centimetres, by which a list is ordered and a record is told. */
export function stockName(thing: StockThing): string {
  switch (thing.kind) {
    case 'medium': {
      const { mediumId, ownName, used, usedWith } = thing;
      const of = usedWith === undefined ? '' : ` (${usedWith})`;
      return `${ownName ?? mediumById(mediumId).name}${usedName(used)}${of}`;
    }
    case 'pot':
      return `${potKindById(thing.potKindId).name} ${thing.rimDiameterCm} cm${usedName(thing.used)}`;
    case 'mount':
      return `${mountKindById(thing.mountKindId).name} ${thing.widthCm} cm${usedName(thing.used)}`;
    case 'sundry':
      return thing.sundry === 'other'
        ? (thing.ownName ?? 'other')
        : [thing.sundry, thing.ownName].filter(Boolean).join(', ');
  }
}
