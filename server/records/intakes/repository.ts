/** What was taken in whole (a list, an archive), and undoing it as one. */
import { LockMode } from '@mikro-orm/core';
import type { EntityManager } from '@mikro-orm/postgresql';
import { inTransaction } from '../../runtime/database/in-transaction';
import { livesChanged } from '../changes/lives';
import type { Scope } from '../collections/scope';
import { Plant } from '../plants/entity';
import { Intake } from './entity';
import type { Intakes } from './schemas';

/** More than anybody takes in. */
const MOST_INTAKES = 2_000;

export async function listIntakes(em: EntityManager, scope: Scope): Promise<Intakes> {
  const rows = await em.find(
    Intake,
    { collection: scope.collectionId },
    { orderBy: { takenInAt: 'desc' }, limit: MOST_INTAKES },
  );
  return {
    intakes: rows.map(({ id, kind, name, takenInAt, plantIds, brought, undoneAt }) => ({
      id,
      kind: kind as Intakes['intakes'][number]['kind'],
      name,
      takenInAt: takenInAt.toISOString(),
      plants: plantIds.length,
      others: Object.values(brought).reduce((sum, ids) => sum + ids.length, 0),
      undoneAt: undoneAt?.toISOString() ?? null,
    })),
  };
}

/** Where what came beside plants is put away, by its section. */
const putAwayIn: Readonly<Record<string, { readonly table: string; readonly column: string }>> = {
  places: { table: 'place', column: 'deleted_at' },
  ownItems: { table: 'own_item', column: 'deleted_at' },
  events: { table: 'event', column: 'hidden_at' },
  stockEntries: { table: 'stock_entry', column: 'hidden_at' },
  pottingDays: { table: 'potting_day', column: 'deleted_at' },
  photographs: { table: 'photo', column: 'hidden_at' },
};

/** Sections of which an intake remembers what it brought. */
export const undoneSections: readonly string[] = Object.keys(putAwayIn);

const asArray = (ids: readonly string[]): string => `{${ids.join(',')}}`;

/** What is away since `before` is so since `now` from here on; what the grower put away alone stays as it is. */
async function moveOthers(
  em: EntityManager,
  scope: Scope,
  brought: Readonly<Record<string, readonly string[]>>,
  before: Date | null,
  now: Date | null,
): Promise<void> {
  for (const [section, ids] of Object.entries(brought)) {
    const there = putAwayIn[section];
    if (!there || ids.length === 0) continue;
    const { table, column } = there;
    await em.execute(
      `update ${table} set ${column} = ?::timestamptz
        where id = any(?::uuid[]) and collection_id = ? and ${column} is not distinct from ?::timestamptz`,
      [now, asArray(ids), scope.collectionId, before],
    );
  }
  const lives = await em.execute<{ plant_id: string }[]>(
    'select distinct plant_id from event where id = any(?::uuid[]) and collection_id = ?',
    [asArray(brought.events ?? []), scope.collectionId],
  );
  await livesChanged(
    em,
    lives.map((row) => row.plant_id),
  );
}

/**
 * Puts away what came with it, or brings back what was put away with it: what the grower put away alone stays away. false where
 * there is no such intake.
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
    const { undoneAt: before, plantIds, brought } = intake;
    if ((before === null) === (undoneAt === null)) return true;
    const ofIntake = { id: { $in: plantIds }, collection: scope.collectionId };
    await inside.nativeUpdate(Plant, { ...ofIntake, deletedAt: before }, { deletedAt: undoneAt });
    await moveOthers(inside, scope, brought, before ?? null, undoneAt);
    intake.undoneAt = undoneAt;
    return true;
  });
}
