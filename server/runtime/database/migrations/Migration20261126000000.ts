import { Migration } from '@mikro-orm/migrations';

/** Growers' own media, pots and genera. */
export class Migration20261126000000 extends Migration {
  override up(): void {
    this.addSql(`create table "own_item" (
      "id" uuid primary key,
      "collection_id" uuid not null references "collection" ("id"),
      "kind" varchar(20) not null,
      "name" varchar(120) not null,
      "data" jsonb not null,
      "created_at" timestamptz not null,
      "deleted_at" timestamptz null
    );`);
    this.addSql(`create index "own_item_collection_id_kind_index" on "own_item" ("collection_id", "kind");`);
  }

  override down(): void {
    this.addSql(`drop table "own_item";`);
  }
}
