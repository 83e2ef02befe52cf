/**
 * Records say which plants were changed, or their lives; what is computed from them follows inside the same transaction, so that
 * it never tells anything else than they do. Who follows is said once, when a process begins (projections/follow-records.ts).
 */
import type { EntityManager } from '@mikro-orm/postgresql';

/** em: of the transaction that changed them. */
export type FollowLives = (em: EntityManager, plantIds: readonly string[]) => Promise<void>;

const followers = new Set<FollowLives>();

export function followLives(follow: FollowLives): void {
  followers.add(follow);
}

/** After the flush of what was changed. @throws Error where nobody follows: lists would go on telling what was. */
export async function livesChanged(em: EntityManager, plantIds: readonly string[]): Promise<void> {
  if (followers.size === 0) throw new Error('nobody follows the records: import projections/follow-records');
  if (plantIds.length === 0) return;
  // In one order for all, so that no two wait for each other.
  const inOrder = [...new Set(plantIds)].sort();
  for (const follow of followers) await follow(em, inOrder);
}
