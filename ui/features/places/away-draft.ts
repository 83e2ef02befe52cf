/** Two places in one year, as far as it has been said: kept in the browser until it is saved. */
import * as z from 'zod';
import { type DaysAway, type Place, timeAwaySchema, usualDaysAway, withTimeAway } from '@core';
import { usualAwayName } from '@core/words';
import { safeJson } from '../../data/browser/safe-json';

const DRAFT_KEY = 'tender-cairn.time-away';

const draftSchema = z.object({
  homeId: z.string().nullable().catch(null),
  awayId: z.string().nullable().catch(null),
  /** null: as the nights there say. */
  days: z.object({ from: timeAwaySchema.shape.from, to: timeAwaySchema.shape.to }).nullable().catch(null),
  /** null: as it is usually called. */
  name: z.string().nullable().catch(null),
  /** The kept place that is changed, as it was seen; null for a new one. */
  of: z.object({ id: z.string(), version: z.number() }).nullable().catch(null),
});
export type AwayDraft = z.infer<typeof draftSchema>;

export const emptyAwayDraft: AwayDraft = { homeId: null, awayId: null, days: null, name: null, of: null };

export function loadAwayDraft(): AwayDraft {
  const text = localStorage.getItem(DRAFT_KEY);
  const read = draftSchema.safeParse(text === null ? null : safeJson(text));
  return read.success ? read.data : emptyAwayDraft;
}

export const storeAwayDraft = (draft: AwayDraft): void => localStorage.setItem(DRAFT_KEY, JSON.stringify(draft));
export const forgetAwayDraft = (): void => localStorage.removeItem(DRAFT_KEY);

/** A kept place of two, to be changed; null for a single one. */
export function awayDraftOf({ id, name, timeAway }: Place, version: number): AwayDraft | null {
  if (!timeAway) return null;
  const { home, away, from, to } = timeAway;
  return { homeId: home.id, awayId: away.id, days: { from, to }, name, of: { id, version } };
}

const northernSummer: DaysAway = { from: { month: 5, day: 15 }, to: { month: 9, day: 20 } };
const southernSummer: DaysAway = { from: { month: 11, day: 15 }, to: { month: 3, day: 20 } };

/** Where no cold nights tell when to come in, the summer half. */
export const daysProposed = (away: Place): DaysAway =>
  usualDaysAway(away) ?? (away.latitudeDeg >= 0 ? northernSummer : southernSummer);

/** The place that follows from what was said so far; null until both places are chosen. */
export function awayPlaceOf(draft: AwayDraft, places: readonly Place[]): Place | null {
  const [home, away] = [draft.homeId, draft.awayId].map((id) => places.find((place) => place.id === id));
  if (!home || !away || home.id === away.id) return null;
  const days = draft.days ?? daysProposed(away);
  const place = withTimeAway(home, away, days);
  return { ...place, id: 'own-place', name: draft.name ?? usualAwayName(home, away, days) };
}
