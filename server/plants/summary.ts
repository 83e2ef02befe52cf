/** What a list shows of a plant: one row each, with its last potting, and no JSON. */
import type { PlantPage } from './schemas';

export interface SummaryRow {
  readonly id: string;
  readonly name: string;
  readonly genus_id: string;
  readonly potted_on: string | null;
  readonly title: string | null;
}

/** Columns and joins of a summary, from rows of a table, or of a part of a query, that are plants. */
export const summaryColumns = (plants: string): string => `
    ${plants}.id, ${plants}.name, ${plants}.genus_id, last.potted_on, last.title
  from ${plants}
  left join lateral (
    select happened_on::text as potted_on, title
    from event
    where event.collection_id = ${plants}.collection_id and event.plant_id = ${plants}.id
      and event.kind = 'potted' and event.hidden_at is null
    order by happened_on desc, recorded_at desc
    limit 1
  ) last on true`;

export const summaryOf = (row: SummaryRow): PlantPage['plants'][number] => ({
  id: row.id,
  name: row.name,
  genusId: row.genus_id,
  lastPotting: row.potted_on === null ? null : { pottedOn: row.potted_on, title: row.title ?? '' },
});
