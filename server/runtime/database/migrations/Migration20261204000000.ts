import { Migration } from '@mikro-orm/migrations';

const KINDS_BEFORE = `'potted', 'inspected', 'looked', 'watered', 'fed', 'flushed', 'bloomed', 'treated', 'moved', 'weighed', 'noted', 'felt', 'divided', 'put off', 'left'`;
const KINDS = `${KINDS_BEFORE}, 'planned'`;

/**
 * A plan is an entry of its own in a plant's life, and stands open until the plant is potted. What a potting took from stock can
 * be put right: what it was said to take before is hidden and kept.
 */
export class Migration20261204000000 extends Migration {
  override up(): void {
    this.addSql(`alter table "event" drop constraint "event_kind_check",
      add constraint "event_kind_check" check ("kind" in (${KINDS}));`);
    this.addSql(`alter table "plant_now" add column "planned" json null;`);
    this.addSql(`alter table "stock_entry" drop constraint "stock_entry_event_id_item_id_kind_key";`);
    this.addSql(`create unique index "stock_entry_event_index" on "stock_entry" ("event_id", "item_id", "kind")
      where "hidden_at" is null;`);
  }

  override down(): void {
    // What the older program has no room for keeps it from going down: nothing is thrown away.
    this.addSql(`do $$ begin
      if exists (select 1 from "event" where "kind" not in (${KINDS_BEFORE}))
        or exists (select 1 from "stock_entry" where "event_id" is not null
          group by "event_id", "item_id", "kind" having count(*) > 1) then
        raise exception 'there are entries that the older tables cannot hold';
      end if;
    end $$;`);
    this.addSql(`drop index "stock_entry_event_index";`);
    this.addSql(`alter table "stock_entry"
      add constraint "stock_entry_event_id_item_id_kind_key" unique ("event_id", "item_id", "kind");`);
    this.addSql(`alter table "plant_now" drop column "planned";`);
    this.addSql(`alter table "event" drop constraint "event_kind_check",
      add constraint "event_kind_check" check ("kind" in (${KINDS_BEFORE}));`);
  }
}
