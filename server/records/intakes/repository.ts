/** What was taken in whole (a list, an archive), and undoing it as one. */
import { LockMode } from '@mikro-orm/core';
import type { EntityManager } from '@mikro-orm/postgresql';
import { inTransaction } from '../../runtime/database/in-transaction';
import type { Scope } from '../collections/scope';
import { Plant } from '../plants/entity';
import { Intake } from './entity';
import type { Intakes } from './schemas';

const MOST_INTAKES = 50;

export async function listIntakes(em: EntityManager, scope: Scope): Promise<Intakes> {
  const rows = await em.find(
    Intake,
    { collection: scope.collectionId },
    { orderBy: { takenInAt: 'desc' }, limit: MOST_INTAKES },
  );
  return {
    intakes: rows.map(({ id, kind, name, takenInAt, plantIds, undoneAt }) => ({
      id,
      kind: kind as Intakes['intakes'][number]['kind'],
      name,
      takenInAt: takenInAt.toISOString(),
      plants: plantIds.length,
      undoneAt: undoneAt?.toISOString() ?? null,
    })),
  };
}

/**
 * Puts away the plants that came with it, or brings back those that were put away with it: what the grower put away alone
 * stays away. false where there is no such intake.
 */
export async function setIntakeUndone(
  em: EntityManager,
  scope: Scope,
  id: string,
  undoneAt: Date | null,
): Promise<boolean> {
  return inTransaction(em, async (inside) => {
    const intake = await inside.findOne(
      Intake,
      { id, collection: scope.collectionId },
      { lockMode: LockMode.PESSIMISTIC_WRITE },
    );
    if (!intake) return false;
    const { undoneAt: before, plantIds } = intake;
    if ((before === null) === (undoneAt === null)) return true;
    const ofIntake = { id: { $in: plantIds }, collection: scope.collectionId };
    await inside.nativeUpdate(Plant, { ...ofIntake, deletedAt: before }, { deletedAt: undoneAt });
    intake.undoneAt = undoneAt;
    return true;
  });
}
