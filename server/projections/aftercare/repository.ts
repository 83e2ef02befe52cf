/** Which plants are nursed, and what of it is open, done or skipped: one query, and the core's calendar of each. */
import type { EntityManager } from '@mikro-orm/postgresql';
import { dayNumber, dayOf, type NursedOn, nursingKinds, nursingNumbers, nursingTasks, type Outlook } from '@core';
import type { Scope } from '../../records/collections/scope';
import type { NursingList, PlantNursing } from './schemas';

interface Row {
  readonly plant_id: string;
  readonly name: string;
  readonly place_name: string | null;
  readonly potted_on: string;
  /** The first two since it was potted. */
  readonly watered_days: readonly string[];
  readonly fed_on: string | null;
  readonly flushed_on: string | null;
  readonly outlook: Outlook | null;
  readonly is_reckoned: boolean;
  readonly nursed: { readonly pottingId: string; readonly done: readonly NursedOn[] };
}

const rows = (which: string): string => `
  select plant.id as plant_id, plant.name, plant_now.place_name, plant_now.potted_on::text,
    array(select distinct event.happened_on::text from event where event.plant_id = plant.id
      and event.kind = 'watered' and event.hidden_at is null and event.happened_on >= plant_now.potted_on
      order by 1 limit 2) as watered_days,
    plant_now.fed_on::text, plant_now.flushed_on::text, plant_now.outlook, plant_now.nursed,
    plant_now.outlook_of is not distinct from plant_now.outlook_key as is_reckoned
  from plant join plant_now on plant_now.plant_id = plant.id
  where plant.collection_id = ? and plant.deleted_at is null and plant_now.left_on is null
    and plant_now.potted_on between ?::date and ?::date and plant_now.nursed is not null ${which}
  order by plant.name, plant.id`;
const ofAll = rows('');
const ofOne = rows('and plant.id = ?');

const isNursing = (kind: string): boolean => (nursingKinds as readonly string[]).includes(kind);

/** What was written down anyway settles the step that asks for it. */
function doneBeside({ potted_on, watered_days, fed_on, flushed_on }: Row): readonly NursedOn[] {
  const days = [
    ['first water', watered_days[0] ?? null],
    ['water again', watered_days[1] ?? null],
    ['flush', flushed_on],
    ['feed', fed_on],
  ] as const;
  return days.flatMap(([kind, on]) => (on !== null && on >= potted_on ? [{ kind, on, outcome: 'done' as const }] : []));
}

function tasksOf(row: Row, today: string): readonly PlantNursing[] {
  const { outlook, nursed, plant_id: plantId, name: plantName, place_name: placeName, potted_on: pottedOn } = row;
  const steps = outlook?.nursing ?? [];
  if (steps.length === 0) return [];
  const done = [...nursed.done.filter(({ kind }) => isNursing(kind)), ...doneBeside(row)];
  return nursingTasks({ pottedOn, steps, restMonths: outlook?.restMonths ?? [], done }, today).map((task) => ({
    id: `${nursed.pottingId}:${task.kind.replaceAll(' ', '-')}`,
    pottingId: nursed.pottingId,
    plantId,
    plantName,
    placeName,
    ...task,
    ppm: task.ppm === null ? null : [...task.ppm],
  }));
}

/** today: YYYY-MM-DD, by the grower's clock. plantId: of one plant only. */
export async function nursingList(
  em: EntityManager,
  scope: Scope,
  today: string,
  plantId: string | null = null,
): Promise<NursingList> {
  const since = dayOf(dayNumber(today) - nursingNumbers.FOLLOWED_DAYS);
  const found = await em.execute<Row[]>(
    plantId === null ? ofAll : ofOne,
    plantId === null ? [scope.collectionId, since, today] : [scope.collectionId, since, today, plantId],
  );
  const tasks = found.flatMap((row) => tasksOf(row, today));
  return {
    today,
    reckoning: found.filter((row) => !row.is_reckoned).length,
    tasks: tasks.sort((a, b) => a.dueOn.localeCompare(b.dueOn) || a.plantName.localeCompare(b.plantName)),
  };
}
