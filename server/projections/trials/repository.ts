/** Trials, each with what its plants' lives say since it began: one query of events for all of them. */
import type { EntityManager } from '@mikro-orm/postgresql';
import { type TrialEvent, trialValue } from '@core';
import { LibraryItem } from '../../records/library/entity';
import { dataOf } from '../../records/library/repository';
import type { Scope } from '../../records/collections/scope';
import type { TrialList } from './schemas';

const MOST_TRIALS = 100;

interface EventRow extends TrialEvent {
  readonly plant_id: string;
  readonly name: string;
}

/** Of plants that have left, too: how they fared up to then is part of it. */
const eventsSql = `select plant.id as plant_id, plant.name, event.happened_on::text as on, event.kind,
    event.data->>'holds' as holds, (event.data->>'liveRootsPct')::float8 as "liveRootsPct",
    (event.data->>'shootCount')::float8 as "shootCount"
  from plant left join event on event.plant_id = plant.id
    and event.kind in ('watered', 'inspected', 'nursed') and event.hidden_at is null
  where plant.collection_id = ? and plant.id = any(?::uuid[]) and plant.deleted_at is null
  order by event.happened_on, event.recorded_at`;

export async function listTrials(em: EntityManager, scope: Scope): Promise<TrialList> {
  const rows = await em.find(
    LibraryItem,
    { collection: scope.collectionId, kind: 'trial', deletedAt: null },
    { orderBy: { createdAt: 'desc', id: 'asc' }, limit: MOST_TRIALS },
  );
  const trials = rows.flatMap((row) => {
    const data = dataOf('trial', row);
    return data ? [{ id: row.id, version: row.version, data }] : [];
  });
  const ids = [...new Set(trials.flatMap(({ data }) => data.sides.flatMap(({ plantIds }) => plantIds)))];
  const events =
    ids.length === 0 ? [] : await em.execute<EventRow[]>(eventsSql, [scope.collectionId, `{${ids.join(',')}}`]);
  const byPlant = new Map<string, { readonly name: string; readonly events: TrialEvent[] }>();
  for (const { plant_id: id, name, ...event } of events) {
    const plant = byPlant.get(id) ?? { name, events: [] };
    // A plant of which nothing is on record comes with an empty line.
    if (event.on !== null) plant.events.push(event);
    byPlant.set(id, plant);
  }
  return {
    trials: trials.map((trial) => ({
      ...trial,
      sides: trial.data.sides.map(({ name, plantIds }) => ({
        name,
        plants: plantIds.flatMap((id) => {
          const plant = byPlant.get(id);
          if (!plant) return [];
          const since = plant.events.filter(({ on }) => on >= trial.data.begunOn);
          return [{ id, name: plant.name, value: trialValue(trial.data.measure, since) }];
        }),
      })),
    })),
  };
}
