/** Which plants are nursed, and what of it is open, done or skipped: one query, and the core's calendar of each. */
import type { EntityManager } from '@mikro-orm/postgresql';
import {
  dayNumber,
  dayOf,
  type AftercareDone,
  aftercareKinds,
  aftercareNumbers,
  aftercareTasks,
  type Outlook,
} from '@core';
import type { Scope } from '../../records/collections/scope';
import type { AftercareList, PlantAftercare } from './schemas';

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
  readonly aftercare: { readonly pottingId: string; readonly done: readonly AftercareDone[] };
}

const rows = (which: string): string => `
  select plant.id as plant_id, plant.name, plant_state.place_name, plant_state.potted_on::text,
    array(select distinct event.happened_on::text from event where event.plant_id = plant.id
      and event.kind = 'watered' and event.hidden_at is null and event.happened_on >= plant_state.potted_on
      order by 1 limit 2) as watered_days,
    plant_state.fed_on::text, plant_state.flushed_on::text, plant_state.outlook, plant_state.aftercare,
    plant_state.outlook_of is not distinct from plant_state.outlook_key as is_reckoned
  from plant join plant_state on plant_state.plant_id = plant.id
  where plant.collection_id = ? and plant.deleted_at is null and plant_state.left_on is null
    and plant_state.potted_on between ?::date and ?::date and plant_state.aftercare is not null ${which}
  order by plant.name, plant.id`;
const ofAll = rows('');
const ofOne = rows('and plant.id = ?');

const isAftercare = (kind: string): boolean => (aftercareKinds as readonly string[]).includes(kind);

/** What was written down anyway settles the step that asks for it. */
function doneBeside({ potted_on, watered_days, fed_on, flushed_on }: Row): readonly AftercareDone[] {
  const days = [
    ['first water', watered_days[0] ?? null],
    ['water again', watered_days[1] ?? null],
    ['flush', flushed_on],
    ['feed', fed_on],
  ] as const;
  return days.flatMap(([kind, on]) => (on !== null && on >= potted_on ? [{ kind, on, outcome: 'done' as const }] : []));
}

function tasksOf(row: Row, today: string): readonly PlantAftercare[] {
  const { outlook, aftercare, plant_id: plantId, name: plantName, place_name: placeName, potted_on: pottedOn } = row;
  const steps = outlook?.nursing ?? [];
  if (steps.length === 0) return [];
  const done = [...aftercare.done.filter(({ kind }) => isAftercare(kind)), ...doneBeside(row)];
  return aftercareTasks({ pottedOn, steps, restMonths: outlook?.restMonths ?? [], done }, today).map((task) => ({
    id: `${aftercare.pottingId}:${task.kind.replaceAll(' ', '-')}`,
    pottingId: aftercare.pottingId,
    plantId,
    plantName,
    placeName,
    ...task,
    ppm: task.ppm === null ? null : [...task.ppm],
  }));
}

/** today: YYYY-MM-DD, by the grower's clock. plantId: of one plant only. */
export async function listAftercare(
  em: EntityManager,
  scope: Scope,
  today: string,
  plantId: string | null = null,
): Promise<AftercareList> {
  const since = dayOf(dayNumber(today) - aftercareNumbers.FOLLOWED_DAYS);
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
