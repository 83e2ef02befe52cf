/** Putting a plant on record: one transaction, kept once. A division is written into both lives. */
import { randomUUID } from 'node:crypto';
import type { EntityManager } from '@mikro-orm/postgresql';
import { type PlanCase, questionVersions } from '@core';
import { type QuickKind } from './quick-entry-schemas';
import { newQuick } from './new-entry';
import { PlantEvent } from './entity';
import { takeAway, whatWent } from './divided-shoots';
import { newPlant } from './record';
import type { Scope } from '../collections/scope';
import { writeOnce } from '../../runtime/database/write-once';
import { livesChanged } from '../changes/lives';
import type { AddInput } from './add-schemas';
import { Plant, type PlantRow } from '../plants/entity';

export type Added =
  { readonly status: 'added' | 'known already'; readonly plantId: string } | { readonly status: 'no such plant' };

async function addedUnder(em: EntityManager, scope: Scope, key: string): Promise<Added | null> {
  const first = await em.findOne(PlantEvent, { collection: scope.collectionId, idempotencyKey: `${key}:0` });
  return first ? { status: 'known already', plantId: first.plant.id } : null;
}

export async function addPlant(em: EntityManager, scope: Scope, input: AddInput): Promise<Added> {
  const key = input.idempotencyKey ?? randomUUID();
  return writeOnce(
    em,
    (reading) => addedUnder(reading, scope, key),
    (inside) => add(inside, scope, key, input),
    { collectionId: scope.collectionId, key, kind: 'plant', said: input },
  );
}

/** What holds of any plant of its kind in its place; how large it is and what it shows is its own. */
function caseLike(lastCase: unknown): object {
  const {
    growthMap: _map,
    shootCount: _shoots,
    rootBallDiameterCm: _ball,
    signs: _signs,
    liveRootsPct: _live,
    bulbs: _bulbs,
    ...stays
  } = lastCase as Readonly<Record<string, unknown>>;
  return stays;
}

/** What is known of a piece beside its kind and place: its own size, and that it must be potted. */
function pieceOf(like: AddInput['like']): Partial<PlanCase> {
  if (!like?.isDivision) return {};
  return {
    ...(like.shootCount === undefined ? {} : { shootCount: like.shootCount }),
    ...(like.hasNoPot ? { signs: { noPot: true } } : {}),
  };
}

async function add(em: EntityManager, scope: Scope, key: string, input: AddInput): Promise<Added> {
  const { facts, like, happenedOn, isGivenAway, note, photoIds } = input;
  const other = like
    ? await em.findOne(Plant, { id: like.plantId, collection: scope.collectionId, deletedAt: null })
    : null;
  if (like && !other) return { status: 'no such plant' };
  const planCase = (other ? { ...caseLike(other.lastCase), ...pieceOf(like) } : input.planCase) as PlanCase;
  const { plant } = newPlant(em, scope, { plantName: facts.name, planCase });
  Object.assign(plant, facts);
  if (other) Object.assign(plant, { caseVersion: other.caseVersion, genusId: other.genusId });
  else plant.caseVersion = questionVersions.newest;
  const photographed = photoIds ? { photoIds } : {};
  const noted = { ...(note === '' ? {} : { note }), ...photographed };
  let written = 0;
  const write = (of: PlantRow, kind: QuickKind, data: object) => {
    newQuick(em, scope, { plant: of, kind, happenedOn, data, idempotencyKey: `${key}:${written}`, batchId: null });
    written += 1;
  };
  if (other && like!.isDivision) {
    Object.assign(plant, { dividedFromId: other.id, dividedOn: happenedOn });
    write(plant, 'divided', { otherId: other.id, otherName: other.name, isPart: true, ...noted });
    const went = whatWent(other.lastCase, like!.shootCount);
    write(other, 'divided', { otherId: plant.id, otherName: facts.name, isPart: false, ...(went ? { went } : {}) });
    if (went) takeAway(other, went);
  } else write(plant, 'noted', { note: 'Put on record.', ...noted });
  if (isGivenAway) write(plant, 'left', { how: 'given away' });
  await em.flush();
  await livesChanged(em, other ? [plant.id, other.id] : [plant.id]);
  return { status: 'added', plantId: plant.id };
}
