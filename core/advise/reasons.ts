/**
 * Why a setup stands where it stands: the figures behind each reason, from the assessment. The
 * sentences stand in words/reasons.
 */
import { type LeadDirection, needsOf } from '../case';
import type { Genus, GrowthHabit } from '../catalogue/genera';
import { gradesLike } from '../catalogue/media';
import {
  type CandidateFacts,
  type CaseContext,
  gustMS,
  type Judgement,
  neededWidthCm,
  type PieceShift,
  shiftFactor,
  widthNeeded,
  switchRootMm,
  yearsFor,
} from '../decide/setups';
import { daysOf, type DryingTime, HORIZON_DAYS, longestGapDays, type Routine } from '../physics/drydown';
import { heaviestPart, meanPieceMm } from '../physics/media';
import { type HalfDayAir, meanAir } from '../physics/places';
import { stonesAgainstG } from '../physics/pots';
import { CRUST_G_M2 } from '../physics/salt';
import type { StressKind } from '../physics/stress';
import { k } from './constants';
import { type LayerWork, layerWork } from './layer-work';
import type { Placement } from './placement';
import { saltAdvice } from './salt';

/** A neighbouring grade, and the root thickness at which it fits better. */
export interface NextGrade {
  readonly rootDiameterMm: number;
  readonly smallMm: number;
  readonly largeMm: number;
}

export interface MonthDays {
  readonly monthIndex: number;
  readonly time: DryingTime;
}

export type ReasonFact =
  | {
      readonly code: 'pieces';
      readonly fit: 'gives way';
      readonly mediumName: string;
      readonly rootDiameterMm: number;
    }
  | {
      readonly code: 'pieces';
      readonly fit: 'inside' | 'finer' | 'coarser';
      readonly pieceMm: number;
      readonly rootDiameterMm: number;
      readonly bandFromMm: number;
      readonly bandToMm: number;
      /** Why that is not what the roots alone ask for. */
      readonly shifts: readonly PieceShift[];
      readonly finerGrade: NextGrade | null;
      readonly coarserGrade: NextGrade | null;
    }
  | {
      readonly code: 'drying';
      /** It stands over water: it is refilled. */
      readonly isRefilled: boolean;
      readonly fastest: MonthDays & { readonly air: HalfDayAir };
      readonly slowest: MonthDays;
      readonly routine: Routine;
      readonly gapDays: number | null;
    }
  | {
      readonly code: 'year';
      readonly fineDays: number;
      readonly watchDays: number;
      readonly harmDays: number;
      /** What weighs most, and the month in which it does. */
      readonly worst: StressKind;
      readonly worstMonthIndex: number;
    }
  | {
      readonly code: 'salt';
      readonly waterDsM: number;
      readonly highestDsM: number;
      readonly toleranceDsM: number;
      /** Flushes a year, and litres of low-mineral water for each; 0 where there is no need. */
      readonly flushesPerYear: number;
      readonly flushL: number;
      readonly crustGM2: number;
    }
  | {
      readonly code: 'air';
      readonly genusName: string;
      readonly airShare: number;
      readonly airNeedShare: number;
    }
  | {
      readonly code: 'size';
      readonly liveBallCm: number;
      readonly growthCm: number;
      readonly marginCm: number;
      readonly neededCm: number;
      readonly years: number;
      readonly rimDiameterCm: number;
      /** Narrower than what is needed: none wider is made, or none was at hand. */
      readonly isTight: boolean;
      /** What it would need for a year more, cm. */
      readonly nextYearCm: number;
    }
  | {
      readonly code: 'pad';
      readonly genusName: string;
      readonly holdsG: number;
      readonly padThicknessCm: number;
      readonly widthCm: number;
    }
  | {
      readonly code: 'reservoir';
      readonly volumeL: number;
      /** null when it lasts beyond the horizon. */
      readonly lastsDays: number | null;
      /** What stands above it asks for water sooner than it is empty: after so many days; null where it does not. */
      readonly asksSoonerDays: number | null;
    }
  | {
      readonly code: 'position';
      readonly position: Placement['position'];
      readonly offsetCm: number;
      readonly habit: GrowthHabit;
      readonly frontsRun: LeadDirection;
      /** Years that growth stays inside, with the certainty asked for. */
      readonly insideYears: number;
      readonly isBeyond: boolean;
    }
  | {
      readonly code: 'depth';
      readonly genusName: string;
      readonly depth: Genus['depth'];
      readonly baseAboveSurfaceCm: number;
      readonly deeperForDryAirCm: number;
      readonly meanHumidityPct: number;
    }
  | { readonly code: 'layers'; readonly layers: readonly LayerWork[] }
  | { readonly code: 'life'; readonly isOrganic: boolean; readonly lifeYears: number }
  | {
      readonly code: 'stability';
      readonly weightG: number;
      readonly tippingAngleDeg: number;
      /** Gust that blows it over, and the strongest of a month there; null indoors. */
      readonly tippingWindMS: number;
      readonly gustMS: number | null;
      /** Stones at the foot that let it stand in that gust, g. */
      readonly stonesG: number;
    };

export type ReasonCode = ReasonFact['code'];

export interface ReasonInput {
  readonly context: CaseContext;
  readonly facts: CandidateFacts;
  readonly judgement: Judgement;
  readonly placement: Placement;
  /** From a watering, or a refill, to the next. */
  readonly daysByMonth: readonly DryingTime[];
}

function pieces({ context, facts }: ReasonInput): ReasonFact | null {
  if (facts.setup.kind === 'mount') return null;
  const { rootDiameterMm } = context.plant;
  const { medium } = heaviestPart(facts.mainMix);
  if (medium.pieceShape === 'strand' || medium.pieceShape === 'crumb') {
    return { code: 'pieces', fit: 'gives way', mediumName: medium.name, rootDiameterMm };
  }
  const { pieceMm, misfit, shifts } = facts;
  const band = facts.pieceBand;
  const grades = gradesLike(medium);
  const own = grades.findIndex((grade) => grade.id === medium.id);
  const next = (step: number): NextGrade | null => {
    const grade = grades[own + step];
    if (!grade) return null;
    const { d10Mm: smallMm, d90Mm: largeMm } = grade;
    return { rootDiameterMm: switchRootMm(meanPieceMm(grade), pieceMm, shiftFactor(shifts)), smallMm, largeMm };
  };
  return {
    code: 'pieces',
    // What rounds to the edge of the band is inside it.
    fit: misfit < k.NEARLY_INSIDE ? 'inside' : pieceMm < band.fromMm ? 'finer' : 'coarser',
    pieceMm,
    rootDiameterMm,
    bandFromMm: band.fromMm,
    bandToMm: band.toMm,
    shifts,
    finerGrade: next(-1),
    coarserGrade: next(1),
  };
}

function drying({ context, facts, daysByMonth }: ReasonInput): ReasonFact {
  const all = daysByMonth.map(daysOf);
  const monthOf = (days: number): MonthDays => {
    const monthIndex = all.indexOf(days);
    return { monthIndex, time: daysByMonth[monthIndex]! };
  };
  const fastest = monthOf(Math.min(...all));
  return {
    code: 'drying',
    isRefilled: facts.hasReservoir,
    fastest: { ...fastest, air: meanAir(context.place.months[fastest.monthIndex]!) },
    slowest: monthOf(Math.max(...all)),
    routine: context.routine,
    gapDays: longestGapDays(context.routine),
  };
}

function year({ judgement }: ReasonInput): ReasonFact {
  const { fineDays, watchDays, harmDays, worst, months } = judgement.year;
  const peaks = months.map((month) => month.stress[worst]);
  return { code: 'year', fineDays, watchDays, harmDays, worst, worstMonthIndex: peaks.indexOf(Math.max(...peaks)) };
}

function salt({ context, facts, judgement }: ReasonInput): ReasonFact | null {
  const needs = needsOf(context.plant, facts.hasReservoir);
  const advice = saltAdvice(facts.column, judgement.year, needs);
  if (advice.flushesPerYear === 0 && advice.crustGM2 < CRUST_G_M2) return null;
  return { code: 'salt', waterDsM: context.feeding.waterDsM, ...advice };
}

function air({ context, facts }: ReasonInput): ReasonFact {
  const { name, airNeed } = context.plant.genus;
  return { code: 'air', genusName: name, airShare: facts.airAfterWatering, airNeedShare: airNeed };
}

function pad({ context, facts }: ReasonInput): ReasonFact | null {
  const { setup } = facts;
  if (setup.kind !== 'mount') return null;
  const { padThicknessCm, widthCm } = setup.mount;
  const holdsG = facts.column.capacityG.reduce((sum, grams) => sum + grams, 0);
  return { code: 'pad', genusName: context.plant.genus.name, holdsG, padThicknessCm, widthCm };
}

function reservoir({ facts, judgement }: ReasonInput): ReasonFact | null {
  if (!facts.hasReservoir) return null;
  const asksDays = Math.min(...judgement.byMonth.map(daysOf));
  return {
    code: 'reservoir',
    volumeL: facts.column.reservoirCapacityG / 1000,
    lastsDays: judgement.reservoirDays,
    asksSoonerDays: asksDays < (judgement.reservoirDays ?? HORIZON_DAYS) ? asksDays : null,
  };
}

function size({ context, facts }: ReasonInput): ReasonFact | null {
  const { setup } = facts;
  if (setup.kind !== 'pot') return null;
  const isRecovery = facts.spec.approach === 'recovery in moss';
  const years = isRecovery ? 0 : yearsFor(context, facts.mainMix);
  const { shape, rimDiameterCm } = setup.pot;
  const width = widthNeeded(context, years, shape);
  return {
    code: 'size',
    ...width,
    years,
    rimDiameterCm,
    isTight: rimDiameterCm < width.neededCm,
    nextYearCm: neededWidthCm(context, years + 1, shape),
  };
}

function position({ context, placement }: ReasonInput): ReasonFact | null {
  const { inside } = placement;
  if (placement.position === 'on the mount' || !inside) return null;
  return {
    code: 'position',
    position: placement.position,
    offsetCm: placement.offsetCm,
    habit: context.plant.habit,
    frontsRun: context.plant.frontsRun,
    insideYears: inside.years,
    isBeyond: inside.isBeyond,
  };
}

function depth({ context, facts, placement }: ReasonInput): ReasonFact | null {
  if (facts.setup.kind !== 'pot') return null;
  const { depth: rule, deeperForDryAirCm, baseAboveSurfaceCm } = placement;
  return {
    code: 'depth',
    genusName: context.plant.genus.name,
    depth: rule,
    baseAboveSurfaceCm,
    deeperForDryAirCm,
    meanHumidityPct: context.climate.meanHumidityPct,
  };
}

function layers({ context, facts }: ReasonInput): ReasonFact | null {
  const work = layerWork(context, facts);
  return work.length === 0 ? null : { code: 'layers', layers: work };
}

function life({ facts }: ReasonInput): ReasonFact {
  return { code: 'life', isOrganic: facts.isOrganic, lifeYears: facts.lifeYears };
}

function stability({ context, judgement }: ReasonInput): ReasonFact | null {
  if (!judgement.stability) return null;
  const { weightG, tippingAngleDeg, tippingWindMS } = judgement.stability;
  const gust = gustMS(context.place);
  const stonesG = gust === null ? 0 : stonesAgainstG(weightG, tippingWindMS, gust);
  return { code: 'stability', weightG, tippingAngleDeg, tippingWindMS, gustMS: gust, stonesG };
}

/** The weightiest first. */
const inOrder = [drying, year, pieces, air, size, pad, reservoir, salt, position, depth, layers, life, stability];

/** All reasons of a setup, the weightiest first. */
export function reasonsFor(input: ReasonInput): readonly ReasonFact[] {
  return inOrder.map((reason) => reason(input)).filter((fact) => fact !== null);
}
