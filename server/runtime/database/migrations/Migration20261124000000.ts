import { Migration } from '@mikro-orm/migrations';

/** The first tables: a collection, its plants, and what each was potted in. */
export class Migration20261124000000 extends Migration {
  override up(): void {
    this.addSql(`create table "collection" (
      "id" uuid primary key,
      "name" varchar(120) not null,
      "created_at" timestamptz not null,
      "demo_loaded_at" timestamptz null
    );`);
    this.addSql(`create table "plant" (
      "id" uuid primary key,
      "collection_id" uuid not null references "collection" ("id"),
      "name" varchar(120) not null,
      "genus_id" varchar(80) not null,
      "last_case" jsonb not null,
      "created_at" timestamptz not null,
      "deleted_at" timestamptz null
    );`);
    this.addSql(`create index "plant_collection_id_index" on "plant" ("collection_id");`);
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
    this.addSql(`create index "potting_plant_id_index" on "potting" ("plant_id");`);
  }

  override down(): void {
    this.addSql(`drop table "potting";`);
    this.addSql(`drop table "plant";`);
    this.addSql(`drop table "collection";`);
  }
}
