/** What is asked when a potting day is prepared: hours, hands and room, the plants with their setups, and what lies in stock. */
import * as z from 'zod';
import { faultCode, lazily } from '../base';
import {
  dayIn,
  listOf,
  quantity,
  questionSchemas,
  type SetupSpec,
  setupSpecSchema,
  textOf,
  upTo,
  wholeQuantity,
  yesOrNo,
} from '../case';
import { stockThingSchema } from '../stock';

/** More than these nobody pots in a day. */
export const MOST_PLANTS_A_DAY = 200;
const MOST_STOCK = 2000;

const sunSchema = z
  .strictObject({ fromMinute: wholeQuantity('minuteOfDay'), untilMinute: wholeQuantity('minuteOfDay') })
  .refine(({ fromMinute, untilMinute }) => fromMinute < untilMinute, {
    path: ['untilMinute'],
    error: faultCode({ code: 'not less than', field: 'untilMinute', than: 'fromMinute' }),
  });

export const dayPlantSchema = () =>
  z.strictObject({
    id: textOf('id', 1, 80),
    name: textOf('name', 1, 120),
    case: questionSchemas().plan,
    /** What it goes into. */
    setup: setupSpecSchema.optional(),
    /** 0 to 1: how badly it needs it. */
    urgency: quantity('share').default(0),
    /** Something on it may spread: it comes last, with its own tools. */
    isSuspect: yesOrNo('isSuspect').default(false),
  });

/** A day as it is kept: all but what lies in stock, which changes meanwhile. */
const dayFields = () => ({
  on: dayIn('on'),
  /** When it begins, minutes after midnight. */
  beginsAtMinute: wholeQuantity('minuteOfDay').default(NINE),
  hours: quantity('dayHours'),
  helpers: wholeQuantity('helpers').default(0),
  /** Room for pots that soak, side by side. */
  benchCm: quantity('benchCm').optional(),
  /** When the sun is on the bench. */
  sun: sunSchema.optional(),
  /** What is mixed beyond what the pots take. */
  reserveShare: quantity('share').optional(),
  plants: listOf('plants', dayPlantSchema(), MOST_PLANTS_A_DAY, 'plants', 'plant'),
});

const NINE = 9 * 60;

function eachOnce(day: { readonly plants: readonly { readonly id: string }[] }, check: z.RefinementCtx): void {
  const seen = new Set<string>();
  day.plants.forEach(({ id }, n) => {
    const message = faultCode({ code: 'twice', field: 'id' });
    if (seen.has(id)) check.addIssue({ code: 'custom', path: ['plants', n, 'id'], message });
    seen.add(id);
  });
}

export const dayKeptSchema = lazily(() => z.strictObject(dayFields()).superRefine(eachOnce));

export const dayQuestionSchema = lazily(() =>
  z
    .strictObject({
      ...dayFields(),
      stock: upTo(
        'stock',
        z.strictObject({ id: textOf('id', 1, 80), thing: stockThingSchema, amount: z.number() }),
        MOST_STOCK,
        'things',
      ).default([]),
    })
    .superRefine(eachOnce),
);

export type DayKept = z.infer<ReturnType<typeof dayKeptSchema>>;
type Question = z.infer<ReturnType<typeof dayQuestionSchema>>;
export type DayPlantAsked = Question['plants'][number];
/** With its setup settled. */
export type DayPlant = Omit<DayPlantAsked, 'setup'> & { readonly setup: SetupSpec };
export type DayQuestion = Omit<Question, 'plants'> & { readonly plants: readonly DayPlantAsked[] };
export type DayAsked = Omit<Question, 'plants'> & { readonly plants: readonly DayPlant[] };
