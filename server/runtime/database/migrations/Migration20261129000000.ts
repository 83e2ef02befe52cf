import { Migration } from '@mikro-orm/migrations';

/** Own media, pots and genera can be changed: each change keeps what was there before, and a late writer is told. */
export class Migration20261129000000 extends Migration {
  override up(): void {
    this.addSql(`alter table "own_item" add column "version" int not null default 1,
      add constraint "own_item_change_check" check ("version" >= 1);`);
    this.addSql(`alter table "own_item" alter column "version" drop default;`);
    this.addSql(`create table "own_item_before" (
      "id" uuid not null primary key,
      "item_id" uuid not null references "own_item" ("id"),
      "version" int not null check ("version" >= 1),
      "name" varchar(120) not null check ("name" <> ''),
      "data" jsonb not null check (jsonb_typeof("data") = 'object'),
      "data_version" int not null check ("data_version" >= 1),
      "replaced_at" timestamptz not null,
      unique ("item_id", "version"));`);
  }

  override down(): void {
    this.addSql(`drop table "own_item_before";`);
    this.addSql(`alter table "own_item" drop column "version";`);
  }
}
