import { Migration } from '@mikro-orm/migrations';

/** A pot of the shelf as a thing in stock; what was counted of it goes into the entries. */
const asStock = (data: string): string =>
  `jsonb_build_object('thing', (${data} - 'count') || jsonb_build_object('kind', 'pot'))`;
const asPot = (data: string, count: string): string =>
  `((${data}->'thing') - 'kind') || jsonb_build_object('count', greatest(1, coalesce(${count}, 1)))`;

/**
 * What lies in stock: a thing of the grower's own, and entries of what was counted, came and went. Pots of the shelf, which
 * were things with a count, become such things, and every count they had becomes an entry. And what was taken in from a list or
 * an archive is remembered, so that it can be undone.
 */
export class Migration20261203000000 extends Migration {
  override up(): void {
    this.addSql(`create table "stock_entry" (
      "id" uuid not null primary key,
      "collection_id" uuid not null references "collection" ("id"),
      "item_id" uuid not null references "own_item" ("id"),
      "kind" varchar(10) not null check ("kind" in ('counted', 'bought', 'taken', 'back')),
      "amount" double precision not null check ("amount" >= 0),
      "happened_on" date not null,
      "note" varchar(500) not null,
      "event_id" uuid null references "event" ("id"),
      "batch_id" uuid not null,
      "recorded_at" timestamptz not null,
      "seq" bigint generated always as identity,
      "idempotency_key" varchar(80) not null,
      "hidden_at" timestamptz null,
      unique ("collection_id", "idempotency_key"),
      unique ("event_id", "item_id", "kind"));`);
    this.addSql(`create index "stock_entry_item_index" on "stock_entry" ("item_id", "seq");`);
    this.addSql(`create index "stock_entry_batch_index" on "stock_entry" ("collection_id", "batch_id");`);
    this
      .addSql(`insert into "stock_entry" (id, collection_id, item_id, kind, amount, happened_on, note, batch_id, recorded_at,
        idempotency_key)
      select gen_random_uuid(), item.collection_id, item.id, 'counted', coalesce((told.data->>'count')::float8, 1),
        told.since::date, '', gen_random_uuid(), told.since, 'shelf:' || item.id || ':' || told.version
      from "own_item" item cross join lateral (
        select version, data, coalesce(lag(replaced_at) over (order by version), item.created_at) as since from (
          select version, data, replaced_at from "own_item_before" where item_id = item.id
          union all select item.version, item.data, null
        ) versions
      ) told
      where item.kind = 'pot' order by item.id, told.version;`);
    this.addSql(`update "own_item_before" before set data = ${asStock('before.data')}
      from "own_item" item where item.id = before.item_id and item.kind = 'pot';`);
    this.addSql(`alter table "own_item" drop constraint "own_item_kind_check";`);
    this.addSql(`update "own_item" set data = ${asStock('data')}, kind = 'stock' where kind = 'pot';`);
    this.addSql(`alter table "own_item"
      add constraint "own_item_kind_check" check ("kind" in ('medium', 'genus', 'stock', 'view'));`);
    // Which medium a potting is mainly of is asked of all pottings at once: it is taken out of the recipe when it is written.
    this.addSql(`create function "main_medium_of"("data" jsonb) returns varchar(80) language sql immutable as $$
      select (line->>'mediumId')::varchar(80)
      from jsonb_array_elements(case jsonb_typeof("data"->'recipe') when 'array' then "data"->'recipe' end) line
      where line->>'layer' = 'main' order by line->'parts' desc limit 1
    $$;`);
    this.addSql(`alter table "event" add column "medium_id" varchar(80) null
      generated always as (case when "kind" = 'potted' then "main_medium_of"("data") end) stored;`);
    // What changed lately is asked by day, over all plants.
    this.addSql(`create index "event_day_index"
      on "event" ("collection_id", "happened_on" desc, "recorded_at" desc) where "hidden_at" is null;`);
    // What the record says is asked over all plants at once: it reads these and not the lives themselves.
    this.addSql(`create index "event_potted_index"
      on "event" ("collection_id", "plant_id", "happened_on", "recorded_at") include ("medium_id")
      where "kind" = 'potted' and "hidden_at" is null;`);
    this.addSql(`create index "event_bad_index" on "event" ("collection_id", "plant_id", "happened_on")
      where "kind" = 'inspected' and "hidden_at" is null and "data"->>'condition' in ('breaking down', 'gone sour');`);
    this.addSql(`create index "event_moved_index" on "event" ("collection_id", "plant_id")
      where "kind" = 'moved' and "hidden_at" is null;`);
    this.addSql(`create table "intake" (
      "id" uuid not null primary key,
      "collection_id" uuid not null references "collection" ("id"),
      "kind" varchar(10) not null check ("kind" in ('list', 'archive')),
      "name" varchar(200) not null check ("name" <> ''),
      "taken_in_at" timestamptz not null,
      "plant_ids" uuid[] not null,
      "idempotency_key" varchar(80) not null,
      "undone_at" timestamptz null,
      unique ("collection_id", "idempotency_key"));`);
  }

  override down(): void {
    // What the older program has no room for keeps it from going down: nothing is thrown away.
    this.addSql(`do $$ begin
      if exists (select 1 from "own_item" where kind = 'stock'
          and (data->'thing'->>'kind' <> 'pot' or coalesce(data->'thing'->'used', data->'lowAt', data->'price', data->'note') is not null))
        or exists (select 1 from "stock_entry" where "idempotency_key" not like 'shelf:%')
        or exists (select 1 from "intake") or exists (select 1 from "own_item" where kind = 'view') then
        raise exception 'there is stock that the older tables cannot hold';
      end if;
    end $$;`);
    const counted = (version: string): string =>
      `(select amount::int from "stock_entry" where idempotency_key = 'shelf:' || item.id || ':' || ${version})`;
    this.addSql(`update "own_item_before" before set data = ${asPot('before.data', counted('before.version'))}
      from "own_item" item where item.id = before.item_id and item.kind = 'stock';`);
    this.addSql(`alter table "own_item" drop constraint "own_item_kind_check";`);
    this.addSql(`update "own_item" item set data = ${asPot('item.data', counted('item.version'))}, kind = 'pot'
      where kind = 'stock';`);
    this.addSql(`alter table "own_item"
      add constraint "own_item_kind_check" check ("kind" in ('medium', 'pot', 'genus'));`);
    this.addSql(`drop table "stock_entry";`);
    this.addSql(`drop table "intake";`);
    for (const name of ['day', 'potted', 'bad', 'moved']) this.addSql(`drop index "event_${name}_index";`);
    this.addSql(`alter table "event" drop column "medium_id";`);
    this.addSql(`drop function "main_medium_of";`);
  }
}
