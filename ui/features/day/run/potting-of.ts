/** What "Potted it" keeps of a plant on a running day: its setup, and what that takes from stock. */
import { type InStock, type PlanCase, stockNeedsOf, takesFrom } from '@core';
import type { WordedDayPlant } from '@core/words';
import type { DayEntryInput } from '@server/records/days/schemas';

export interface PottedOtherwise {
  readonly note: string;
  /** Times what the mix was reckoned to take: less moss, a root ball larger than thought. */
  readonly share: number;
}

export const asReckoned: PottedOtherwise = { note: '', share: 1 };

export function pottingOf(
  plant: Pick<WordedDayPlant, 'name' | 'setup' | 'recipe' | 'pot'>,
  planCase: PlanCase,
  pottedOn: string,
  stock: readonly InStock[],
  { note, share }: PottedOtherwise,
): NonNullable<DayEntryInput['potting']> {
  const recipe = plant.recipe.map((line) => ({ ...line, takeL: line.takeL * share }));
  const takes = takesFrom(stockNeedsOf(plant.setup, recipe), stock, plant.name).flatMap(({ thing, from, amount }) => {
    const isVessel = thing.kind === 'pot' || thing.kind === 'mount';
    const itemId = isVessel ? plant.pot.from : (from?.id ?? null);
    return itemId === null ? [] : [{ itemId, amount }];
  });
  return { planCase, spec: plant.setup, pottedOn, note, takes } as NonNullable<DayEntryInput['potting']>;
}
