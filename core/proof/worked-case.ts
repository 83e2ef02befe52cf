/**
 * A worked case: what a grower tells, and what somebody who has potted such plants for years would answer, part by part.
 * Written from the practice of the trade (common practice, no source), not from the rules of this program.
 */
import type { PlanCase } from '../case';

/** Genera that growers treat alike; one group at a time is left out where weights are fitted. */
export const genusGroups = [
  'cattleya kin',
  'oncidium kin',
  'small and cool',
  'dendrobium and coelogyne',
  'slippers',
  'ground orchids',
  'single stems',
] as const;
export type GenusGroup = (typeof genusGroups)[number];

/** What stands in the pot, as growers name it first. */
export type MediumWord =
  | 'bark'
  | 'bark with moss'
  | 'moss'
  | 'bare'
  | 'expanded clay'
  | 'fired clay'
  | 'baked clay'
  | 'pumice'
  | 'lava'
  | 'charcoal'
  | 'tree fern'
  | 'coconut'
  | 'soil';

export type VesselWord =
  | 'plastic'
  | 'clear'
  | 'square'
  | 'deep'
  | 'low'
  | 'slotted'
  | 'net'
  | 'clay'
  | 'glazed'
  | 'basket'
  | 'side holes'
  | 'bowl'
  | 'wick'
  | 'mount';

/** What lies under and over the main medium. */
export type LayerWord = 'crocking' | 'none under' | 'bare top' | 'pebbles' | 'lava top' | 'moss top' | 'no moss top';

/** A kind of setup that must not be shown at all. */
export type AsideWord =
  | 'reservoir'
  | 'mount'
  | 'bare mount'
  | 'basket'
  | 'moss'
  | 'soil'
  | 'coconut'
  | 'clay wall'
  | 'recovery'
  | 'potted'
  | 'lava top'
  | 'moss top'
  | { readonly piecesOverMm: number }
  | { readonly piecesUnderMm: number }
  | { readonly widerThanCm: number }
  | { readonly narrowerThanCm: number };

export interface Expected {
  readonly timing?: readonly string[];
  readonly place?: readonly string[];
  readonly medium?: readonly MediumWord[];
  /** Middle size of the pieces of the main medium; not asked of moss and soil. */
  readonly piecesMm?: readonly [number, number];
  readonly vessel?: readonly VesselWord[];
  /** Width of the pot. */
  readonly sizeCm?: readonly [number, number];
  /** All of these. */
  readonly layers?: readonly LayerWord[];
  readonly position?: readonly string[];
  readonly depth?: readonly string[];
  readonly water?: readonly string[];
  readonly feedStarts?: readonly string[];
  readonly feedMostPpm?: readonly [number, number];
  /** Steps and cautions that belong to the first setup: the rule that says them. */
  readonly says?: readonly string[];
  readonly aside?: readonly AsideWord[];
}

export interface WorkedCase {
  readonly id: string;
  readonly group: GenusGroup;
  readonly ask: PlanCase;
  readonly expect: Expected;
}

/** One line of a group's table: its name, what is told, what is expected. */
export type CaseLine = readonly [id: string, ask: PlanCase, expect: Expected];

export function casesOf(group: GenusGroup, lines: readonly CaseLine[]): readonly WorkedCase[] {
  return lines.map(([id, ask, expect]) => ({ id, group, ask, expect }));
}

/** The can, every so many days. */
export const every = (days: number): NonNullable<PlanCase['routine']> => ({ kind: 'every', days });
export const misted = (timesADay: number): NonNullable<PlanCase['routine']> => ({ kind: 'misting', timesADay });
/** What it stands in now. */
export const holds = (
  mediumId: string,
  yearsInMedium: number,
  vesselKind?: string,
  rimDiameterCm?: number,
): NonNullable<PlanCase['current']> => ({
  mediumId,
  yearsInMedium,
  ...(vesselKind === undefined ? {} : { vesselKind }),
  ...(rimDiameterCm === undefined ? {} : { rimDiameterCm }),
});

/** Vessels that growers take one for the other. */
export const PLASTIC: readonly VesselWord[] = ['plastic', 'clear', 'square', 'slotted'];
export const ANY_POT: readonly VesselWord[] = [...PLASTIC, 'clay', 'glazed', 'low', 'deep', 'net'];
export const OPEN: readonly VesselWord[] = ['basket', 'net', 'mount'];
/** Soon: nothing speaks against it. */
export const GO: readonly string[] = ['go', 'go at once'];
export const GOOD: readonly string[] = ['suits'];
export const FAIR: readonly string[] = ['suits', 'with care'];
export const POOR: readonly string[] = ['with care', 'does not suit'];
export const BAD: readonly string[] = ['does not suit'];
