/** What a list shows of a plant: one row each, from the plant and what its life comes to, and no JSON. */
import type { Planned } from '../due/schemas';
import type { PlantSummary } from './schemas';

export interface SummaryRow {
  readonly id: string;
  readonly name: string;
  readonly genus_id: string;
  readonly tag_number: string | null;
  readonly parentage: string | null;
  readonly spot: string | null;
  readonly flag: string | null;
  readonly place_name: string | null;
  readonly potted_on: string | null;
  readonly title: string | null;
  readonly planned: Planned | null;
  readonly medium_name: string | null;
  readonly in_medium_since: string | null;
  readonly watered_on: string | null;
  readonly looked_over_on: string | null;
  readonly photo_id: string | null;
  readonly left_on: string | null;
  readonly left_how: string | null;
}

/** Columns of a summary, from a table or a part of a query with the plant and its row of plant_state. */
export const summaryColumns = `id, name, genus_id, tag_number, parentage, spot, flag, place_name, potted_on::text, title, planned,
  medium_name, in_medium_since::text, watered_on::text, looked_over_on::text, photo_id, left_on::text, left_how`;

export const summaryOf = (row: SummaryRow): PlantSummary => ({
  id: row.id,
  name: row.name,
  genusId: row.genus_id,
  tagNumber: row.tag_number,
  parentage: row.parentage,
  placeName: row.place_name,
  spot: row.spot,
  flag: row.flag as PlantSummary['flag'],
  lastPotting: row.potted_on === null ? null : { pottedOn: row.potted_on, title: row.title ?? '' },
  planned: row.planned,
  mediumName: row.medium_name,
  inMediumSince: row.in_medium_since,
  wateredOn: row.watered_on,
  lookedOverOn: row.looked_over_on,
  photoId: row.photo_id,
  left:
    row.left_on === null ? null : { on: row.left_on, how: row.left_how as NonNullable<PlantSummary['left']>['how'] },
});
