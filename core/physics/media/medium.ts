/**
 * A graded medium: what the catalogue states about it, and the figures the models compute with.
 */
import type { Plain, Sourced } from '../../base';

export const mediumFamilies = [
  'conifer bark',
  'sphagnum',
  'live moss',
  'coconut',
  'tree fern and cork',
  'soil-like mix',
  'charcoal',
  'expanded clay',
  'fired clay',
  'pumice',
  'lava',
  'baked clay',
  'perlite',
  'vermiculite',
  'stone',
  'synthetic',
] as const;
export type MediumFamily = (typeof mediumFamilies)[number];

/** How a piece looks when cut: decides how it is drawn, so that media differ without colour. */
export type PieceShape = 'chip' | 'round' | 'granule' | 'strand' | 'crumb' | 'pitted' | 'block' | 'plate';

export type ReuseRule =
  | 'never'
  | 'same plant, rinsed'
  | 'same plant rinsed, others after boiling or baking'
  | 'same plant, rinsed; cannot be boiled';

/** 1 = cheapest by volume, 4 = dearest. */
export type PriceClass = 1 | 2 | 3 | 4;

export type PhTendency = 'acid' | 'slightly acid' | 'neutral' | 'slightly alkaline';

/** Every figure of a catalogue medium, with its origin. Porosities and water are v/v of the bed. */
export interface MediumEntry {
  readonly id: string;
  readonly name: string;
  readonly family: MediumFamily;
  readonly organic: boolean;
  readonly pieceShape: PieceShape;
  /** Ten per cent of the pieces are smaller than this. */
  readonly d10Mm: Sourced<number>;
  /** Ten per cent of the pieces are larger than this. */
  readonly d90Mm: Sourced<number>;
  /** Air-filled porosity after drainage in a bed 10 cm deep. */
  readonly airAt10cm: Sourced<number>;
  /** Container capacity in a bed 10 cm deep. */
  readonly capacityAt10cm: Sourced<number>;
  /** Porosity between the pieces. */
  readonly interPorosity: Sourced<number>;
  /** Spread of the passages: Brooks-Corey index, high = all of one size. */
  readonly poreSizeIndex: Sourced<number>;
  /** Share of the capacity that roots cannot take up. */
  readonly unavailableShare: Sourced<number>;
  readonly dryDensityGL: Sourced<number>;
  readonly wickingHeightCm: Sourced<number>;
  /** Share of its capacity that a first watering of the new, dry medium fills. */
  readonly firstYearWettability: Sourced<number>;
  /** Years until it has broken down, at 20 °C and moderate wetness. */
  readonly lifeYears: Sourced<number>;
  /** Factor on the rate of breaking down for each 10 °C warmer. */
  readonly warmthFactorPer10C: Sourced<number>;
  /** How much faster it breaks down always wet than mostly dry. */
  readonly wetnessFactor: Sourced<number>;
  /** 0 = rinses clean, 1 = holds salts strongly. */
  readonly saltHolding: Sourced<number>;
  /** 0 = lets go of roots, 1 = roots tear before it lets go. */
  readonly rootGrip: Sourced<number>;
  /** 0 = clean, 1 = very dusty when dry. */
  readonly dust: Sourced<number>;
  readonly reuse: Sourced<ReuseRule>;
  readonly phTendency: Sourced<PhTendency>;
  /** 1 = cheapest by volume, 4 = dearest. */
  readonly priceClass: Sourced<PriceClass>;
  readonly note: string;
}

export type MediumFigures = Plain<MediumEntry>;

/** Size of a middling piece (geometric mean of d10 and d90), mm. */
export function meanPieceMm(medium: Pick<MediumFigures, 'd10Mm' | 'd90Mm'>): number {
  return Math.sqrt(medium.d10Mm * medium.d90Mm);
}

/** The hydraulic figures of a medium or a mix, as the dry-down needs them. */
export interface Hydraulics {
  readonly d10Mm: number;
  readonly meanMm: number;
  readonly interPorosity: number;
  /** Water inside the pieces and in films that drains too late to matter, v/v. */
  readonly innerWater: number;
  readonly totalPorosity: number;
  readonly airEntryHeadCm: number;
  readonly poreSizeIndex: number;
  /** Water that roots cannot take up, v/v. */
  readonly unavailableWater: number;
  readonly wickingHeightCm: number;
  /** Share of what it lacks that a first watering of the dry medium puts in. */
  readonly wettability: number;
  readonly dryDensityGL: number;
  /** 0 = rinses clean, 1 = holds salts strongly. */
  readonly saltHolding: number;
  /** Decay going on in it: 0 = stone, 1 = spent organic medium. It breathes the same air as the roots. */
  readonly decay: number;
}
