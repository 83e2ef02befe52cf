import { Migration } from '@mikro-orm/migrations';

/** Growers' own places. */
export class Migration20261125000000 extends Migration {
  override up(): void {
    this.addSql(`create table "place" (
      "id" uuid primary key,
      "collection_id" uuid not null references "collection" ("id"),
      "name" varchar(120) not null,
      "air" jsonb not null,
      "created_at" timestamptz not null,
      "deleted_at" timestamptz null
    );`);
    this.addSql(`create index "place_collection_id_index" on "place" ("collection_id");`);
  }

  override down(): void {
    this.addSql(`drop table "place";`);
  }
}
