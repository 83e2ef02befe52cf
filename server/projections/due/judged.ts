/**
 * Every plant with what it needs on a day. Of thousands only those are read and judged anew whose rows were written since: the
 * database gives each row that is written another xmin, so that nothing has to be told when something changes. The
 * judgements of the last day asked for are held, a few hundred bytes a plant.
 */
import type { EntityManager } from '@mikro-orm/postgresql';
import { type Need, needsOf } from '@core';
import type { Scope } from '../../records/collections/scope';
import type { Planned } from './schemas';
import { type StateRow, stateColumns, stateOf, waterNextOf, type WaterNext } from './state-row';

/** Who it is, for a list. */
export interface ListedPlant {
  readonly id: string;
  readonly name: string;
  readonly genus_id: string;
  readonly tag_number: string | null;
  readonly place_name: string | null;
  readonly spot: string | null;
  readonly watered_on: string | null;
  readonly planned: Planned | null;
  readonly is_reckoned: boolean;
}

export interface Judged {
  readonly row: ListedPlant;
  readonly needs: readonly Need[];
  readonly next: WaterNext | null;
}

type Row = ListedPlant & StateRow;

const MARK = `plant.xmin::text || '.' || plant_state.xmin::text`;

const isHere = `plant.collection_id = ? and plant.deleted_at is null and plant_state.left_on is null`;

const marksSql = `select plant.id, ${MARK} as mark from plant join plant_state on plant_state.plant_id = plant.id where ${isHere}`;

const rowsOf = (which: string): string => `
  select plant.id, plant.name, plant.genus_id, plant.tag_number, plant.spot, plant_state.place_name, plant_state.planned, ${MARK} as mark,
    plant_state.outlook_of is not distinct from plant_state.outlook_key as is_reckoned, ${stateColumns}
  from plant join plant_state on plant_state.plant_id = plant.id
  where plant.collection_id = ? and plant.deleted_at is null and ${which}`;

const ofAll = rowsOf('plant_state.left_on is null');
const ofSome = rowsOf('plant_state.left_on is null and plant.id = any(?::uuid[])');
const ofOne = rowsOf('plant.id = ?');

/** Only what is shown is held: outlooks are many times as long. */
function judged(row: Row, today: string): Judged {
  const { id, name, genus_id, tag_number, place_name, spot, watered_on, planned, is_reckoned } = row;
  return {
    row: { id, name, genus_id, tag_number, place_name, spot, watered_on, planned, is_reckoned },
    needs: needsOf(stateOf(row), today),
    next: waterNextOf(row),
  };
}

interface Held {
  readonly today: string;
  readonly plants: ReadonlyMap<string, { readonly mark: string; readonly judged: Judged }>;
}

/** By collection; today there is one. */
const held = new Map<string, Held>();

/** Where more than this part has changed, all are read at once. */
const MOST_SHARE = 0.2;

type Marked = { readonly id: string; readonly mark: string };

/** today: YYYY-MM-DD. In no order. */
export async function judgedPlants(
  em: EntityManager,
  { collectionId }: Scope,
  today: string,
): Promise<readonly Judged[]> {
  const marks = await em.execute<Marked[]>(marksSql, [collectionId]);
  const before = held.get(collectionId);
  const known = before?.today === today ? before.plants : null;
  const changed = marks.filter(({ id, mark }) => known?.get(id)?.mark !== mark);
  const isMost = changed.length > MOST_SHARE * marks.length;
  const rows =
    changed.length === 0
      ? []
      : await em.execute<(Row & Marked)[]>(
          isMost ? ofAll : ofSome,
          isMost ? [collectionId] : [collectionId, `{${changed.map(({ id }) => id).join(',')}}`],
        );
  const fresh = new Map(rows.map((row) => [row.id, { mark: row.mark, judged: judged(row, today) }]));
  // A plant that left between the two questions is in neither; one that was written then is read again next time.
  const plants = new Map(
    marks.flatMap(({ id }) => {
      const one = fresh.get(id) ?? known?.get(id);
      return one ? [[id, one] as const] : [];
    }),
  );
  held.set(collectionId, { today, plants });
  return [...plants.values()].map((one) => one.judged);
}

/** Of one plant alone: with the days between waterings that are reckoned, January first. */
export type JudgedPlant = Judged & { readonly waterDays: readonly number[] | null };

/** Of one plant, also of one that has left; null where there is none. */
export async function judgedPlant(
  em: EntityManager,
  { collectionId }: Scope,
  plantId: string,
  today: string,
): Promise<JudgedPlant | null> {
  const [row] = await em.execute<Row[]>(ofOne, [collectionId, plantId]);
  return row ? { ...judged(row, today), waterDays: row.outlook?.waterDays ?? null } : null;
}
