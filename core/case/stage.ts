/**
 * What a plant is, where it is not grown: cuttings, backbulbs, seedlings and single fans are potted in ways of their own
 * (common practice, no source; what they measure is from memory).
 */
import { fromMemory, numbersOf } from '../base';
import { LIVE_USUALLY } from './constants';

export const plantStages = ['grown', 'cutting', 'backbulb', 'seedling', 'single fan'] as const;
export type PlantStage = (typeof plantStages)[number];

interface StageFigures {
  readonly shoots: number;
  readonly ballCm: number;
  /** Shares of what a grown plant has. */
  readonly heightShare: number;
  readonly rootShare: number;
  readonly livePct: number;
}

/** What is expected where nothing is said. */
export const stageConstants = {
  CUTTING_BALL_CM: fromMemory(3, 'cm', 'that the foot of a cutting takes'),
  CUTTING_HEIGHT: fromMemory(0.5, 'share', 'of a grown plant that a cutting is tall'),
  BACKBULB_BALL_CM: fromMemory(4, 'cm', 'that old bulbs without leaves take'),
  BACKBULB_HEIGHT: fromMemory(0.3, 'share', 'of a grown plant that old bulbs are tall'),
  ROOTLESS_LIVE_PCT: fromMemory(5, '%', 'of roots that live on cuttings and old bulbs'),
  SEEDLING_BALL_CM: fromMemory(3.5, 'cm', 'that a seedling takes'),
  SEEDLING_HEIGHT: fromMemory(0.3, 'share', 'of a grown plant that a seedling is tall'),
  SEEDLING_ROOT: fromMemory(0.7, 'share', 'of a grown plant’s roots that a seedling’s are thick'),
  FAN_BALL_CM: fromMemory(5, 'cm', 'that a single fan takes'),
} as const;
const k = numbersOf(stageConstants);

const figures: Readonly<Record<Exclude<PlantStage, 'grown'>, StageFigures>> = {
  cutting: {
    shoots: 1,
    ballCm: k.CUTTING_BALL_CM,
    heightShare: k.CUTTING_HEIGHT,
    rootShare: 1,
    livePct: k.ROOTLESS_LIVE_PCT,
  },
  backbulb: {
    shoots: 2,
    ballCm: k.BACKBULB_BALL_CM,
    heightShare: k.BACKBULB_HEIGHT,
    rootShare: 1,
    livePct: k.ROOTLESS_LIVE_PCT,
  },
  seedling: {
    shoots: 1,
    ballCm: k.SEEDLING_BALL_CM,
    heightShare: k.SEEDLING_HEIGHT,
    rootShare: k.SEEDLING_ROOT,
    livePct: 100 * LIVE_USUALLY,
  },
  'single fan': { shoots: 1, ballCm: k.FAN_BALL_CM, heightShare: 1, rootShare: 1, livePct: 100 * LIVE_USUALLY },
};

/** null of a grown plant: its genus tells. */
export function stageFigures(stage: PlantStage): StageFigures | null {
  return stage === 'grown' ? null : figures[stage];
}

/** It has no roots of its own yet. */
export function isToBeRooted(stage: PlantStage): boolean {
  return stage === 'cutting' || stage === 'backbulb';
}
