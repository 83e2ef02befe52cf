import { Migration } from '@mikro-orm/migrations';

/**
 * Pottings become events of a plant's life. Days become dates, JSON gets the version of its shape, what
 * can be edited counts its changes, and the tables refuse what must not be: an event in another
 * collection than its plant, a kind nobody knows, a name of nothing.
 */
export class Migration20261127000000 extends Migration {
  override up(): void {
    this.addSql(`alter table "plant"
      add column "case_version" int not null default 1,
      add column "version" int not null default 1,
      add constraint "plant_name_check" check ("name" <> ''),
      add constraint "plant_version_check" check ("version" >= 1 and "case_version" >= 1),
      add constraint "plant_collection_id_id_unique" unique ("collection_id", "id");`);
    this.addSql(`alter table "plant" alter column "case_version" drop default, alter column "version" drop default;`);
    this.addSql(`create table "event" (
      "id" uuid primary key,
      "collection_id" uuid not null,
      "plant_id" uuid not null,
      "kind" varchar(20) not null,
      "happened_on" date not null,
      "recorded_at" timestamptz not null,
      "idempotency_key" varchar(80) not null,
      "title" varchar(200) not null,
      "data" jsonb not null,
      "data_version" int not null,
      "hidden_at" timestamptz null,
      constraint "event_plant_foreign" foreign key ("collection_id", "plant_id")
        references "plant" ("collection_id", "id"),
      constraint "event_kind_check" check ("kind" in ('potted')),
      constraint "event_data_check" check (jsonb_typeof("data") = 'object'),
      constraint "event_data_version_check" check ("data_version" >= 1),
      constraint "event_idempotency_key_unique" unique ("collection_id", "idempotency_key")
    );`);
    this.addSql(`insert into "event" ("id", "collection_id", "plant_id", "kind", "happened_on", "recorded_at",
        "idempotency_key", "title", "data", "data_version", "hidden_at")
      select potting.id, plant.collection_id, potting.plant_id, 'potted', potting.potted_on::date, potting.created_at,
        'potting-' || potting.id, potting.title,
        jsonb_build_object('planCase', potting.plan_case, 'spec', potting.spec, 'recipe', potting.recipe,
          'note', potting.note),
        1, potting.deleted_at
      from "potting" join "plant" on plant.id = potting.plant_id;`);
    this.addSql(`drop table "potting";`);
    this.addSql(`create index "event_plant_index"
      on "event" ("collection_id", "plant_id", "happened_on" desc, "recorded_at" desc) where "hidden_at" is null;`);
    this.addSql(`drop index "plant_collection_id_index";`);
    this.addSql(`create index "plant_name_index"
      on "plant" ("collection_id", "name", "id") where "deleted_at" is null;`);

    this.addSql(`alter table "place"
      add column "air_version" int not null default 1,
      add column "version" int not null default 1,
      add constraint "place_name_check" check ("name" <> ''),
      add constraint "place_version_check" check ("version" >= 1 and "air_version" >= 1),
      add constraint "place_air_check" check (jsonb_typeof("air") = 'object');`);
    this.addSql(`alter table "place" alter column "air_version" drop default, alter column "version" drop default;`);
    this.addSql(`drop index "place_collection_id_index";`);
    this.addSql(`create index "place_name_index"
      on "place" ("collection_id", "name", "id") where "deleted_at" is null;`);

    this.addSql(`alter table "own_item"
      add column "data_version" int not null default 1,
      add constraint "own_item_name_check" check ("name" <> ''),
      add constraint "own_item_kind_check" check ("kind" in ('medium', 'pot', 'genus')),
      add constraint "own_item_version_check" check ("data_version" >= 1),
      add constraint "own_item_data_check" check (jsonb_typeof("data") = 'object');`);
    this.addSql(`alter table "own_item" alter column "data_version" drop default;`);
    this.addSql(`drop index "own_item_collection_id_kind_index";`);
    this.addSql(`create index "own_item_name_index"
      on "own_item" ("collection_id", "kind", "name", "id") where "deleted_at" is null;`);
  }

  override down(): void {
    this.addSql(`drop index "own_item_name_index";`);
    this.addSql(`create index "own_item_collection_id_kind_index" on "own_item" ("collection_id", "kind");`);
    this.addSql(`alter table "own_item"
      drop constraint "own_item_name_check", drop constraint "own_item_kind_check",
      drop constraint "own_item_version_check", drop constraint "own_item_data_check",
      drop column "data_version";`);

    this.addSql(`drop index "place_name_index";`);
    this.addSql(`create index "place_collection_id_index" on "place" ("collection_id");`);
    this.addSql(`alter table "place"
      drop constraint "place_name_check", drop constraint "place_version_check", drop constraint "place_air_check",
      drop column "air_version", drop column "version";`);

    this.addSql(`create table "potting" (
      "id" uuid primary key,
      "collection_id" uuid not null references "collection" ("id"),
      "plant_id" uuid not null references "plant" ("id"),
      "potted_on" varchar(10) not null,
      "title" varchar(200) not null,
      "plan_case" jsonb not null,
      "spec" jsonb not null,
      "recipe" jsonb not null,
      "note" varchar(2000) not null,
      "created_at" timestamptz not null,
      "deleted_at" timestamptz null
    );`);
    this.addSql(`insert into "potting"
      select id, collection_id, plant_id, happened_on::text, title, data->'planCase', data->'spec', data->'recipe',
        data->>'note', recorded_at, hidden_at
      from "event" where kind = 'potted';`);
    this.addSql(`create index "potting_plant_id_index" on "potting" ("plant_id");`);
    this.addSql(`drop table "event";`);
    this.addSql(`drop index "plant_name_index";`);
    this.addSql(`create index "plant_collection_id_index" on "plant" ("collection_id");`);
    this.addSql(`alter table "plant"
      drop constraint "plant_name_check", drop constraint "plant_version_check",
      drop constraint "plant_collection_id_id_unique",
      drop column "case_version", drop column "version";`);
  }
}
