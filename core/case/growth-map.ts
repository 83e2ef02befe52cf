/** What a growth map says: how many shoots, and where each plant’s roots are. */
import type { MappedPlant, Point } from '../growth';
import type { GrowthMapSaid } from './growth-map-schema';

type PlantSaid = GrowthMapSaid['plants'][number];

/** Shoots of all plants of a map. */
export function shootsOn({ plants }: GrowthMapSaid): number {
  return plants.reduce((sum, { bulbs, leads }) => sum + bulbs.length + leads.length, 0);
}

/** Leading shoots of all plants of a map. */
export function leadsOn({ plants }: GrowthMapSaid): number {
  return plants.reduce((sum, { leads }) => sum + leads.length, 0);
}

/** The middle of what lives: half way between the ends, along and across. */
function middleOf(points: readonly Point[]): Point {
  const [xs, ys] = [points.map(({ xCm }) => xCm), points.map(({ yCm }) => yCm)];
  return { xCm: (Math.min(...xs) + Math.max(...xs)) / 2, yCm: (Math.min(...ys) + Math.max(...ys)) / 2 };
}

/** ballCm: diameter of the root ball of one of the plants. */
function mappedPlant({ bulbs, leads }: PlantSaid, ballCm: number): MappedPlant {
  const living = [...bulbs.filter(({ isSpent }) => isSpent !== true), ...leads];
  const middle = middleOf(living.length > 0 ? living : bulbs);
  return { bulbs, leads, ball: { ...middle, diameterCm: ballCm } };
}

/** The plants of a map with the roots they have, each with its ball about its living shoots. */
export function plantsOnMap(map: GrowthMapSaid, ballCm: number): readonly MappedPlant[] {
  return map.plants.map((plant) => mappedPlant(plant, ballCm));
}
