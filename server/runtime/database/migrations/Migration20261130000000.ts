import { Migration } from '@mikro-orm/migrations';

/** A plant's life holds inspections and looks at what it waits for; photographs are kept beside it. */
export class Migration20261130000000 extends Migration {
  override up(): void {
    this.addSql(`alter table "event" drop constraint "event_kind_check",
      add constraint "event_kind_check" check ("kind" in ('potted', 'inspected', 'looked'));`);
    this.addSql(`create table "photo" (
      "id" uuid primary key,
      "collection_id" uuid not null references "collection" ("id"),
      "sent_sha256" char(64) not null,
      "whole" bytea not null check (length("whole") > 0),
      "small" bytea not null check (length("small") > 0),
      "width_px" int not null check ("width_px" > 0),
      "height_px" int not null check ("height_px" > 0),
      "created_at" timestamptz not null,
      "hidden_at" timestamptz null
    );`);
    // Pictures are packed already.
    this.addSql(
      `alter table "photo" alter column "whole" set storage external, alter column "small" set storage external;`,
    );
  }

  override down(): void {
    this.addSql(`drop table "photo";`);
    this.addSql(`alter table "event" drop constraint "event_kind_check",
      add constraint "event_kind_check" check ("kind" in ('potted'));`);
  }
}
