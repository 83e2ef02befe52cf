import { Migration } from '@mikro-orm/migrations';

const KINDS_BEFORE = `'potted', 'inspected', 'looked', 'watered', 'fed', 'flushed', 'bloomed', 'treated', 'moved', 'weighed', 'noted', 'felt', 'divided', 'put off', 'left', 'planned'`;
const KINDS = `${KINDS_BEFORE}, 'nursed'`;

/** Potting days: each as it was prepared, and what was written down while it ran, a list that only grows; and what is done to a plant after it was
 * potted. */
export class Migration20261205000000 extends Migration {
  override up(): void {
    this.addSql(`alter table "event" drop constraint "event_kind_check",
      add constraint "event_kind_check" check ("kind" in (${KINDS}));`);
    this.addSql(`alter table "own_item" drop constraint "own_item_kind_check",
      add constraint "own_item_kind_check" check ("kind" in ('medium', 'genus', 'stock', 'view', 'trial'));`);
    this.addSql(`alter table "plant_now" add column "nursed" json null;`);
    // What is to come of a plant says more now: it is worked out anew.
    this.addSql(`update "plant_now" set "outlook_of" = null;`);
    this.addSql(`create table "potting_day" (
      "id" uuid not null primary key,
      "collection_id" uuid not null references "collection" ("id"),
      "on_day" date not null,
      "data" jsonb not null check (jsonb_typeof("data") = 'object'),
      "data_version" int not null check ("data_version" >= 1),
      "version" int not null check ("version" >= 1),
      "created_at" timestamptz not null,
      "deleted_at" timestamptz null);`);
    this.addSql(`create index "potting_day_collection_index" on "potting_day" ("collection_id", "on_day" desc);`);
    this.addSql(`create table "day_entry" (
      "id" uuid not null primary key,
      "collection_id" uuid not null references "collection" ("id"),
      "day_id" uuid not null references "potting_day" ("id"),
      "kind" varchar(20) not null,
      "at" timestamptz not null,
      "data" jsonb not null check (jsonb_typeof("data") = 'object'),
      "recorded_at" timestamptz not null,
      "seq" bigint generated always as identity,
      "idempotency_key" varchar(80) not null,
      unique ("collection_id", "idempotency_key"));`);
    this.addSql(`create index "day_entry_day_index" on "day_entry" ("day_id", "seq");`);
  }

  override down(): void {
    // What the older program has no room for keeps it from going down: nothing is thrown away.
    this.addSql(`do $$ begin
      if exists (select 1 from "potting_day") or exists (select 1 from "own_item" where "kind" = 'trial') or exists (select 1 from "event" where "kind" not in (${KINDS_BEFORE})) then raise exception 'there are potting days that the older tables cannot hold'; end if;
    end $$;`);
    this.addSql(`alter table "own_item" drop constraint "own_item_kind_check",
      add constraint "own_item_kind_check" check ("kind" in ('medium', 'genus', 'stock', 'view'));`);
    this.addSql(`alter table "plant_now" drop column "nursed";`);
    this.addSql(`alter table "event" drop constraint "event_kind_check",
      add constraint "event_kind_check" check ("kind" in (${KINDS_BEFORE}));`);
    this.addSql(`drop table "day_entry";`);
    this.addSql(`drop table "potting_day";`);
  }
}
