/** A plant seen from above: where its bulbs stand, where it grows on, and how wide its roots are. */

/** Centimetres to the right of and above a middle, as on paper. */
export interface Point {
  readonly xCm: number;
  readonly yCm: number;
}

/** A leading shoot: where it stands and which way the next comes; 0° = to the right, counted against the clock. */
export interface Lead extends Point {
  readonly headingDeg: number;
}

/** A shoot that leads on no more. */
export interface Pseudobulb extends Point {
  /** It may be cut off, and new roots come no more. */
  readonly isSpent?: boolean | undefined;
}

export interface MappedPlant {
  /** The oldest first; without the leads. */
  readonly bulbs: readonly Pseudobulb[];
  readonly leads: readonly Lead[];
  /** The root ball as a disc. */
  readonly ball: Point & { readonly diameterCm: number };
}

/** Where a plant goes: its ball's middle from the middle of the pot, and by how much it is turned. */
export interface PlantPlacement extends Point {
  readonly turnDeg: number;
}

export const RAD = Math.PI / 180;
export const FULL_TURN_DEG = 360;

/** A point of a plant (from its ball's middle) as it lies in the pot. */
export function placedAt({ xCm, yCm }: Point, stand: PlantPlacement): Point {
  const [cos, sin] = [Math.cos(stand.turnDeg * RAD), Math.sin(stand.turnDeg * RAD)];
  return { xCm: stand.xCm + xCm * cos - yCm * sin, yCm: stand.yCm + xCm * sin + yCm * cos };
}

/** The same plant about its own ball's middle. */
export function aboutBall(plant: MappedPlant): MappedPlant {
  const { xCm, yCm, diameterCm } = plant.ball;
  const from = <P extends Point>(point: P): P => ({ ...point, xCm: point.xCm - xCm, yCm: point.yCm - yCm });
  return {
    bulbs: plant.bulbs.map(from),
    leads: plant.leads.map(from),
    ball: { xCm: 0, yCm: 0, diameterCm },
  };
}

/** All plants of a pot turned together about its middle. */
export function turnedTogether(stands: readonly PlantPlacement[], byDeg: number): readonly PlantPlacement[] {
  const about: PlantPlacement = { xCm: 0, yCm: 0, turnDeg: byDeg };
  return stands.map((stand) => ({ ...placedAt(stand, about), turnDeg: stand.turnDeg + byDeg }));
}

/** The headings of all leads added up, each of length 1. */
function headingsTogether({ leads }: Pick<MappedPlant, 'leads'>): readonly [number, number] {
  return leads.reduce<readonly [number, number]>(
    ([x, y], { headingDeg }) => [x + Math.cos(headingDeg * RAD), y + Math.sin(headingDeg * RAD)],
    [0, 0],
  );
}

/** The mean way that a plant's leads are heading, degrees; 0 where they head everywhere. */
export function leadingHeadingDeg(plant: Pick<MappedPlant, 'leads'>): number {
  const [x, y] = headingsTogether(plant);
  return Math.hypot(x, y) < 1e-9 ? 0 : Math.atan2(y, x) / RAD;
}

/** True where the leads of a plant head more or less together. */
export function headsOneWay(plant: Pick<MappedPlant, 'leads'>): boolean {
  return Math.hypot(...headingsTogether(plant)) > plant.leads.length / 2;
}
