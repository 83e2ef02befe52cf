import { Migration } from '@mikro-orm/migrations';

/**
 * A collection may be removed as one and brought back. Where the example's plants were put among the grower's own, all that
 * came with them becomes an intake of its own, so that it can be taken out as one too.
 */
export class Migration20261215000000 extends Migration {
  override up(): void {
    this.addSql(`alter table "collection" add column "removed_at" timestamptz null;`);
    const idsIn = (table: string, column: string) =>
      `coalesce((select jsonb_agg(id) from "${table}" where collection_id = c.id and "${column}" <= c.demo_loaded_at), '[]')`;
    this
      .addSql(`insert into "intake" ("id", "collection_id", "kind", "name", "taken_in_at", "plant_ids", "brought", "idempotency_key")
      select gen_random_uuid(), c.id, 'list', 'Example plants', c.demo_loaded_at,
             coalesce((select array_agg(id) from "plant" where collection_id = c.id and created_at <= c.demo_loaded_at), '{}'),
             jsonb_build_object(
               'ownItems', ${idsIn('own_item', 'created_at')},
               'stockEntries', ${idsIn('stock_entry', 'recorded_at')},
               'photographs', ${idsIn('photo', 'created_at')}),
             'example-plants'
        from "collection" c where c.demo_loaded_at is not null;`);
  }

  override down(): void {
    this.addSql(`delete from "intake" where "idempotency_key" = 'example-plants';`);
    this.addSql(`alter table "collection" drop column "removed_at";`);
  }
}
