/** A row of plant_state as the core asks for it. */
import {
  conditionSeen,
  type Inspection,
  needKinds,
  type NeedKind,
  nextWatering,
  type Outlook,
  plantFactorOf,
  type Seen,
  type PlantState,
  type Felt,
} from '@core';

export interface StateRow {
  readonly in_medium_since: string | null;
  readonly on_record_since: string;
  readonly watered_on: string | null;
  readonly flushed_on: string | null;
  readonly treated_on: string | null;
  readonly seen: (Inspection & { readonly on: string }) | null;
  readonly waits: PlantState['waits'];
  /** null for none: of thousands of rows most have none. */
  readonly put_off: readonly { readonly need: string; readonly until: string }[] | null;
  readonly felt: readonly { readonly felt: Felt; readonly on: string; readonly afterDays: number }[] | null;
  readonly outlook: Outlook | null;
}

/** The columns of such a row, from plant and plant_state. */
export const stateColumns = `plant_state.in_medium_since::text, plant.created_at::date::text as on_record_since,
  plant_state.watered_on::text, plant_state.flushed_on::text, plant_state.treated_on::text, plant_state.seen, plant_state.waits,
  plant_state.put_off, plant_state.felt, plant_state.outlook`;

function seenOf(seen: StateRow['seen']): Seen | null {
  if (seen === null) return null;
  return {
    on: seen.on,
    rot: seen.rot ?? null,
    liveRootsPct: seen.liveRootsPct ?? null,
    bulbs: seen.bulbs ?? null,
    condition: conditionSeen(seen) ?? null,
    isAtRim: seen.reasons?.includes('shoot at the rim') ?? false,
    hasPests: (seen.pests?.length ?? 0) > 0,
    tips: seen.tips ?? null,
  };
}

const isNeed = (kind: string): kind is NeedKind => (needKinds as readonly string[]).includes(kind);

export const stateOf = (row: StateRow): PlantState => ({
  inMediumSince: row.in_medium_since,
  onRecordSince: row.on_record_since,
  outlook: row.outlook,
  seen: seenOf(row.seen),
  flushedOn: row.flushed_on,
  treatedOn: row.treated_on,
  waits: row.waits,
  putOff: (row.put_off ?? []).flatMap(({ need, until }) => (isNeed(need) ? [{ need, until }] : [])),
});

export interface WaterNext {
  readonly on: string;
  readonly days: number;
  /** Times the days that were reckoned, by what a finger found. */
  readonly factor: number;
  /** It stands over water, which is refilled. */
  readonly isRefill: boolean;
}

/** null for a plant of which no watering is written down, or no days are reckoned. */
export function waterNextOf({ watered_on: wateredOn, outlook, felt }: StateRow): WaterNext | null {
  const waterDays = outlook?.waterDays ?? null;
  if (wateredOn === null || waterDays === null) return null;
  const findings = (felt ?? []).map((one) => ({
    felt: one.felt,
    afterDays: one.afterDays,
    reckonedDays: waterDays[Number(one.on.slice(5, 7)) - 1]!,
  }));
  const { factor } = plantFactorOf(findings);
  return { ...nextWatering(wateredOn, waterDays, factor), factor, isRefill: outlook?.hasReservoir === true };
}
