/** What is to be done about a need: a new pot, a flush, a look; and which plants have one by now. */
import { firstNeed, type NeedKind, repotNeeds } from '@core';
import type { EntityManager } from '@mikro-orm/postgresql';
import type { DueSort } from './schemas';
import type { Scope } from '../../records/collections/scope';
import { type Judged, judgedPlants } from './judged';

export type Sort = 'repot' | 'flush' | 'look';

export function sortOf(kind: NeedKind): Sort | null {
  if (repotNeeds.has(kind)) return 'repot';
  if (kind === 'flush') return 'flush';
  return kind === 'look it over' || kind === 'look for the sign' ? 'look' : null;
}

function hasBy(due: DueSort, today: string) {
  return ({ needs, next }: Judged): boolean => {
    if (due === 'water') return next !== null && next.on <= today;
    if (due === 'any') return firstNeed(needs) !== null;
    return needs.some((need) => sortOf(need.kind) === due && firstNeed([need]) !== null);
  };
}

/** today: YYYY-MM-DD. */
export async function plantsDue(
  em: EntityManager,
  scope: Scope,
  due: DueSort,
  today: string,
): Promise<readonly string[]> {
  const judged = await judgedPlants(em, scope, today);
  return judged.filter(hasBy(due, today)).map(({ row }) => row.id);
}
