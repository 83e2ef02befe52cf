/** What has been said of a new place so far: kept in the browser, so that an interruption loses nothing. */
import * as z from 'zod';
import {
  describedRoom,
  type HomeTown,
  homeTownSchema,
  type Place,
  ranges,
  type RoomDescription,
  type RoomKind,
  roomAnswersSchema,
} from '@core';
import { safeJson } from '../../data/browser/safe-json';

const DRAFT_KEY = 'tender-cairn.new-place';

/** Figures as typed: undefined where nothing is known. */
const knownSchema = z.object({
  nowPct: z.number().optional(),
  winterPct: z.number().optional(),
  summerPct: z.number().optional(),
  lowestC: z.number().optional(),
  highestC: z.number().optional(),
});
export type KnownAir = z.infer<typeof knownSchema>;

const draftSchema = z.object({
  town: homeTownSchema.nullable().catch(null),
  said: roomAnswersSchema.partial().catch({}),
  known: knownSchema.catch({}),
  /** null: as it is usually called. */
  name: z.string().nullable().catch(null),
  /** The kept place that is answered anew, as it was seen; null for a new one. */
  of: z.object({ id: z.string(), version: z.number() }).nullable().catch(null),
});

export interface PlaceDraft {
  readonly town: HomeTown | null;
  readonly said: Partial<z.infer<typeof roomAnswersSchema>>;
  readonly known: KnownAir;
  readonly name: string | null;
  readonly of: { readonly id: string; readonly version: number } | null;
}

const emptyPlaceDraft: PlaceDraft = { town: null, said: {}, known: {}, name: null, of: null };

/** What was said of a kept place, to be answered anew; null where it was not made from what was said. */
export function draftAnew({ id, name, describedAs }: Place, version: number): PlaceDraft | null {
  if (!describedAs) return null;
  const { town, lowestC, highestC, readings, ...said } = describedAs;
  return {
    town,
    said: { ...said, readings: [...readings] },
    known: { lowestC: lowestC ?? undefined, highestC: highestC ?? undefined },
    name,
    of: { id, version },
  };
}

export function loadPlaceDraft(): PlaceDraft {
  const text = localStorage.getItem(DRAFT_KEY);
  const read = draftSchema.safeParse(text === null ? null : safeJson(text));
  return read.success ? read.data : emptyPlaceDraft;
}

export const storePlaceDraft = (draft: PlaceDraft): void => localStorage.setItem(DRAFT_KEY, JSON.stringify(draft));
export const forgetPlaceDraft = (): void => localStorage.removeItem(DRAFT_KEY);

const MIDWINTER = { north: 1, south: 7 } as const;
const MIDSUMMER = { north: 7, south: 1 } as const;

const within = (value: number | undefined, { min, max }: { readonly min: number; readonly max: number }) =>
  value !== undefined && value >= min && value <= max ? value : null;

/** Earlier readings stay; one of today goes before what is said of the whole winter or summer. */
function readingsOf(
  earlier: RoomDescription['readings'],
  known: KnownAir,
  hemisphere: 'north' | 'south',
  month: number,
): RoomDescription['readings'] {
  const said = [
    [MIDWINTER[hemisphere], known.winterPct],
    [MIDSUMMER[hemisphere], known.summerPct],
    [month, known.nowPct],
  ] as const;
  const byMonth = new Map(earlier.map(({ month: of, relativeHumidityPct }) => [of, relativeHumidityPct]));
  for (const [of, pct] of said) {
    const read = within(pct, ranges.relativeHumidityPct);
    if (read !== null) byMonth.set(of, read);
  }
  return [...byMonth].map(([of, relativeHumidityPct]) => ({ month: of, relativeHumidityPct }));
}

/** The whole description; null until town and kind are said. month: 1 to 12, when it is now. */
export function descriptionOf({ town, said, known }: PlaceDraft, month: number): RoomDescription | null {
  if (town === null || said.kind === undefined) return null;
  const room = describedRoom(town, { ...said, kind: said.kind as RoomKind });
  return {
    ...room,
    readings: readingsOf(room.readings, known, town.latitudeDeg >= 0 ? 'north' : 'south', month),
    lowestC: within(known.lowestC, ranges.temperatureC),
    highestC: within(known.highestC, ranges.temperatureC),
  };
}

/** What is typed of the air and cannot be: by its field. */
export function knownFaults(known: KnownAir): ReadonlySet<keyof KnownAir> {
  const faults = new Set<keyof KnownAir>();
  for (const [field, value] of Object.entries(known) as readonly [keyof KnownAir, number | undefined][]) {
    const range = field.endsWith('C') ? ranges.temperatureC : ranges.relativeHumidityPct;
    if (value !== undefined && within(value, range) === null) faults.add(field);
  }
  return faults;
}
