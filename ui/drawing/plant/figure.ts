/**
 * Where each shoot of a plant stands and how far it is grown: one figure for the section and for the view from above, the
 * same every time for the same plant.
 */
import {
  isAsleep,
  leadingHeadingDeg,
  type MappedPlant,
  type PlantInHand,
  plantsFromAbove,
  type SeenFromAbove,
  type PlantPlacement,
} from '@core';
import { seededRandom } from '../chance/seeded-random';
import { formOf, type PlantForm } from './forms';

export interface Shoot {
  /** Along the way it grows, and to the side of it, from the middle of the ball, cm. */
  readonly alongCm: number;
  readonly asideCm: number;
  /** How far it is grown, 0..1. */
  readonly grown: number;
  readonly isNewest: boolean;
  /** An old bulb without leaves or roots of its own. */
  readonly isSpent: boolean;
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

export type Figured = SeenFromAbove & Pick<PlantInHand, 'signs' | 'heightCm'>;

/** More shoots than these are a thicket, and no drawing. */
const MOST_DRAWN = 16;
/** A chain climbs so much of its height with each shoot. */
const CLIMB_SHARE = 0.1;

function seedOf(text: string): number {
  let seed = 7;
  for (const letter of text) seed = (Math.imul(seed, 31) + letter.charCodeAt(0)) >>> 0;
  return seed;
}

const grownBySign = { none: 1, starting: 0.22, 'half grown': 0.55, rooting: 0.72 } as const;
const GROWN_USUALLY = 0.8;

/** Where the shoots of a plant stand from the middle of its ball, turned so that it grows to the right: old ones first. */
function places(mapped: MappedPlant): readonly (readonly [number, number])[] {
  const turn = (-leadingHeadingDeg(mapped) * Math.PI) / 180;
  const [cos, sin] = [Math.cos(turn), Math.sin(turn)];
  return [...mapped.bulbs, ...mapped.leads].map(({ xCm, yCm }) => {
    const [x, y] = [xCm - mapped.ball.xCm, yCm - mapped.ball.yCm];
    return [x * cos - y * sin, x * sin + y * cos] as const;
  });
}

/** The shoots of one of its plants, from the middle of its ball and growing to the right. */
export function shootsOf(plant: Figured, mapped: MappedPlant): readonly Shoot[] {
  const { genus, habit, signs } = plant;
  const form = formOf(genus.id, genus.habit, habit);
  const random = seededRandom(seedOf(`${genus.name}|${plant.shootCount}`));
  const isBare = signs.leavesShed === true || isAsleep(plant);
  const newest = signs.shoot === null ? GROWN_USUALLY : grownBySign[signs.shoot];
  const all = form.stem ? [[0, 0] as const] : places(mapped);
  // The leads come last.
  const firstLead = all.length - mapped.leads.length;
  return all
    .map(([x, y], k): Shoot => {
      const isNewest = k >= firstLead && form.stem === undefined;
      const grown = all.length > 1 && isNewest ? newest : 0.9 + 0.1 * random();
      return {
        alongCm: x,
        asideCm: y,
        grown: all.length === 1 ? 1 : grown,
        isNewest,
        isSpent: mapped.bulbs[k]?.isSpent === true,
        leaves: isBare || mapped.bulbs[k]?.isSpent === true ? 0 : form.leaves,
        lean: random() * 2 - 1,
        riseCm: habit === 'climbing chain' ? k * CLIMB_SHARE * plant.heightCm : 0,
      };
    })
    .slice(-MOST_DRAWN);
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

/** Shoots turned and moved as their plant is. */
function set(shoots: readonly Shoot[], { xCm, yCm, turnDeg }: PlantPlacement): readonly Shoot[] {
  const turn = (turnDeg * Math.PI) / 180;
  const [cos, sin] = [Math.cos(turn), Math.sin(turn)];
  return shoots.map((shoot) => ({
    ...shoot,
    alongCm: xCm + shoot.alongCm * cos - shoot.asideCm * sin,
    asideCm: yCm + shoot.alongCm * sin + shoot.asideCm * cos,
  }));
}

/** In a ring side by side, each growing outwards: where no pot says how they stand. */
function inARing(plant: Figured): readonly PlantPlacement[] {
  const { turns, radiusCm } = ringOf(plant);
  return turns.map((turn) => ({
    xCm: radiusCm * Math.cos(turn),
    yCm: radiusCm * Math.sin(turn),
    turnDeg: (turn * 180) / Math.PI,
  }));
}

/** stands: of each plant in its pot, from the middle of the pot; without, a plant is drawn about its own middle, growing to the right. */
export function figureOf(plant: Figured, stands?: readonly PlantPlacement[]): PlantFigure {
  const { genus, habit, signs } = plant;
  const plants = plantsFromAbove(plant);
  const placed = stands ?? inARing(plant);
  const shoots = placed.flatMap((stand, index) => {
    const mapped = plants[index] ?? plants[0]!;
    // A ring is told by headings, a pot by how the map is turned.
    const turnDeg = stand.turnDeg + (stands ? leadingHeadingDeg(mapped) : 0);
    return set(shootsOf(plant, mapped), { ...stand, turnDeg });
  });
  return {
    form: formOf(genus.id, genus.habit, habit),
    shoots,
    inBloom: signs.inBloom === true,
    seed: seedOf(`${genus.name}|${plant.shootCount}`),
  };
}
