/**
 * Where each shoot of a plant stands and how far it is grown: one figure for the section and for the view from above, the
 * same every time for the same plant.
 */
import { isAsleep, type PlantInHand } from '@core';
import { seededRandom } from '../pieces';
import { formOf, type PlantForm } from './forms';

export interface Shoot {
  /** Along the way it grows, and to the side of it, from the middle of the ball, cm. */
  readonly alongCm: number;
  readonly asideCm: number;
  /** How far it is grown, 0..1. */
  readonly grown: number;
  readonly isNewest: boolean;
  readonly leaves: number;
  /** Which way it leans, −1..1. */
  readonly lean: number;
  /** How high above the base it stands: chains climb. */
  readonly riseCm: number;
}

export interface PlantFigure {
  readonly form: PlantForm;
  /** The oldest first. */
  readonly shoots: readonly Shoot[];
  readonly inBloom: boolean;
  /** A number of the plant's own, for what is drawn at random. */
  readonly seed: number;
}

export type Figured = Pick<
  PlantInHand,
  'genus' | 'habit' | 'shootCount' | 'frontsRun' | 'rootBallDiameterCm' | 'signs' | 'plantCount' | 'heightCm'
>;

/** More shoots than these are a thicket, and no drawing. */
const MOST_DRAWN = 12;
/** What of the ball the shoots may stand on. */
const BALL_SHARE = 0.86;
const GOLDEN_ANGLE = Math.PI * (3 - Math.sqrt(5));
/** A chain climbs so much of its height with each shoot. */
const CLIMB_SHARE = 0.1;

function seedOf(text: string): number {
  let seed = 7;
  for (const letter of text) seed = (Math.imul(seed, 31) + letter.charCodeAt(0)) >>> 0;
  return seed;
}

const grownBySign = { none: 1, starting: 0.22, 'half grown': 0.55, rooting: 0.72 } as const;
const GROWN_USUALLY = 0.8;

/** In a row: all one way, or from the middle both ways. */
function inARow(count: number, stepCm: number, widthCm: number, isBothWays: boolean): readonly [number, number][] {
  const step = count < 2 ? 0 : Math.min(Math.max(0.8, stepCm), widthCm / (count - 1));
  return Array.from({ length: count }, (_, k) => {
    if (!isBothWays) return [(k - (count - 1) / 2) * step, 0];
    const side = k % 2 === 0 ? 1 : -1;
    return [side * Math.ceil(k / 2) * step, 0];
  });
}

/** All round: each further out than the one before, as seeds lie in a flower. */
function allRound(count: number, stepCm: number, widthCm: number): readonly [number, number][] {
  const reach = Math.min(widthCm / 2, 0.6 * Math.max(0.8, stepCm) * Math.sqrt(count));
  return Array.from({ length: count }, (_, k) => {
    const radius = count < 2 ? 0 : reach * Math.sqrt(k / (count - 1));
    return [radius * Math.cos(k * GOLDEN_ANGLE), radius * Math.sin(k * GOLDEN_ANGLE)];
  });
}

/** Where the shoots of one plant stand in a ball of a width. */
function places({ genus, habit, frontsRun }: Figured, count: number, ballCm: number): readonly [number, number][] {
  const widthCm = ballCm * BALL_SHARE;
  const runs = habit === 'creeping' || habit === 'fans' || habit === 'creeping stem' || habit === 'climbing chain';
  if (runs && frontsRun !== 'all round') return inARow(count, genus.rhizomeStepCm, widthCm, frontsRun === 'two ways');
  return allRound(count, genus.rhizomeStepCm, widthCm);
}

interface Ring {
  readonly ballCm: number;
  readonly turns: readonly number[];
  readonly radiusCm: number;
}

/** One plant in the middle; several as circles side by side in a ring that fills the common ball, each growing outwards. */
function ringOf({ plantCount, rootBallDiameterCm }: Figured): Ring {
  if (plantCount < 2) return { ballCm: rootBallDiameterCm, turns: [0], radiusCm: 0 };
  const each = rootBallDiameterCm / 2 / (1 + 1 / Math.sin(Math.PI / plantCount));
  return {
    ballCm: 2 * each,
    turns: Array.from({ length: plantCount }, (_, k) => (2 * Math.PI * k) / plantCount),
    radiusCm: rootBallDiameterCm / 2 - each,
  };
}

export function figureOf(plant: Figured): PlantFigure {
  const { genus, habit, signs } = plant;
  const form = formOf(genus.id, genus.habit, habit);
  const seed = seedOf(`${genus.name}|${plant.shootCount}`);
  const random = seededRandom(seed);
  const isBare = signs.leavesShed === true || isAsleep(plant);
  const ring = ringOf(plant);
  const each = Math.max(1, Math.round(plant.shootCount / plant.plantCount));
  const count = form.stem ? 1 : Math.min(MOST_DRAWN, each);
  const ones = places({ ...plant, frontsRun: plant.plantCount > 1 ? 'one way' : plant.frontsRun }, count, ring.ballCm);
  const shoots = ring.turns.flatMap((turn) =>
    ones.map(([x, y], k): Shoot => {
      const isNewest = k === count - 1 && form.stem === undefined;
      const newest = signs.shoot === null ? GROWN_USUALLY : grownBySign[signs.shoot];
      const grown = count > 1 && isNewest ? newest : 0.9 + 0.1 * random();
      const out = x + ring.radiusCm;
      return {
        alongCm: out * Math.cos(turn) - y * Math.sin(turn),
        asideCm: out * Math.sin(turn) + y * Math.cos(turn),
        grown: count === 1 ? 1 : grown,
        isNewest,
        leaves: isBare ? 0 : form.leaves,
        lean: random() * 2 - 1,
        riseCm: habit === 'climbing chain' ? k * CLIMB_SHARE * plant.heightCm : 0,
      };
    }),
  );
  return { form, shoots, inBloom: signs.inBloom === true, seed };
}
