/** Where the tips of a plant are after so many years, in some of its futures: what is drawn in the pot from above. */
import type { Future } from './futures';
import type { Planted } from './ladder';
import { aboutBall, type Point, type PlantPlacement, placedAt } from './map';

/** Tips of one future that are growing at a time, about the middle of the ball. */
function tipsAt({ creeps }: Future, growthYears: number): readonly Point[] {
  return creeps
    .filter(({ fromYears, toYears }) => fromYears <= growthYears && growthYears < toYears)
    .map(({ fromYears, toYears, fromX, fromY, toX, toY }) => {
      const share = (growthYears - fromYears) / (toYears - fromYears);
      return { xCm: fromX + share * (toX - fromX), yCm: fromY + share * (toY - fromY) };
    });
}

/** Tips in the pot after so many years of growth, in the first so many futures of each plant. */
export function tipsAfter(
  planted: readonly Planted[],
  stands: readonly PlantPlacement[],
  growthYears: number,
  lives: number,
): readonly Point[] {
  return planted.flatMap(({ plant, futures }, index) => {
    const isStill = aboutBall(plant).leads.length === 0;
    if (isStill) return [];
    return futures
      .slice(0, lives)
      .flatMap((future) => tipsAt(future, growthYears).map((tip) => placedAt(tip, stands[index]!)));
  });
}
