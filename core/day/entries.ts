/** What is written down while a day runs: a list that only grows, so that two tablets and a lost connection add up. */
import * as z from 'zod';
import { faultCode, lazily } from '../base';
import { oneOf, quantity, questionSchemas, setupSpecSchema, textOf, yesOrNo } from '../case';
import { stepKinds } from './work';

/** Why a plant is left for another day. */
export const leftReasons = ['no time', 'no pot', 'no medium', 'not ready', 'better as it is', 'other'] as const;
export type LeftReason = (typeof leftReasons)[number];

const plantId = z.uuid({ error: faultCode({ code: 'id', field: 'plantId', of: 'a plant' }) });
const step = oneOf('step', stepKinds);

export const dayEntrySchemas = lazily(
  () =>
    ({
      begun: z.strictObject({}),
      'in hand': z.strictObject({ plantId }),
      'step done': z.strictObject({ plantId, step }),
      'step open': z.strictObject({ plantId, step }),
      timer: z.strictObject({ plantId, step, minutes: quantity('timerMinutes') }),
      'timer off': z.strictObject({ plantId, step }),
      /** Found other than thought, or goes into something else. */
      changed: z.strictObject({
        plantId,
        case: questionSchemas().plan.optional(),
        setup: setupSpecSchema.optional(),
        isSuspect: yesOrNo('isSuspect').optional(),
        note: textOf('note', 0, 500).optional(),
      }),
      potted: z.strictObject({ plantId, eventId: z.uuid() }),
      left: z.strictObject({ plantId, reason: oneOf('reason', leftReasons), note: textOf('note', 0, 500).optional() }),
      back: z.strictObject({ plantId }),
      /** Something of the shelf broke: it is gone from stock. */
      broken: z.strictObject({ itemId: z.uuid() }),
      stopped: z.strictObject({}),
    }) as const,
);

export const dayEntryKinds = [
  'begun',
  'in hand',
  'step done',
  'step open',
  'timer',
  'timer off',
  'changed',
  'potted',
  'left',
  'back',
  'broken',
  'stopped',
] as const;
export type DayEntryKind = (typeof dayEntryKinds)[number];

type Schemas = ReturnType<typeof dayEntrySchemas>;
/** at: by the clock of whoever wrote it, ISO 8601. */
export type DayEntry = {
  [K in DayEntryKind]: { readonly kind: K; readonly at: string; readonly data: z.infer<Schemas[K]> };
}[DayEntryKind];
