import { Migration } from '@mikro-orm/migrations';

const KINDS_BEFORE = `'potted', 'inspected', 'looked', 'watered', 'fed', 'flushed', 'bloomed', 'treated', 'moved', 'weighed', 'noted', 'felt', 'divided', 'put off', 'left', 'planned', 'nursed'`;
const KINDS = `${KINDS_BEFORE}, 'set aside'`;

/** Entries of an archive that this program cannot read are set aside, as they came; an intake knows all that came with it, and a
 * key stands for what was first sent with it. */
export class Migration20261208000000 extends Migration {
  override up(): void {
    this.addSql(`alter table "event" drop constraint "event_kind_check",
      add constraint "event_kind_check" check ("kind" in (${KINDS}));`);
    this.addSql(
      `alter table "intake" add column "brought" jsonb not null default '{}' check (jsonb_typeof("brought") = 'object');`,
    );
    this.addSql(`create table "sent_key" (
      "collection_id" uuid not null references "collection" ("id"),
      "key" varchar(80) not null,
      "kind" varchar(20) not null,
      "digest" char(64) not null,
      primary key ("collection_id", "key"));`);
  }

  override down(): void {
    this.addSql(`do $$ begin
      if exists (select 1 from "event" where "kind" not in (${KINDS_BEFORE})) then
        raise exception 'there are entries that the older tables cannot hold';
      end if;
    end $$;`);
    this.addSql(`drop table "sent_key";`);
    this.addSql(`alter table "intake" drop column "brought";`);
    this.addSql(`alter table "event" drop constraint "event_kind_check",
      add constraint "event_kind_check" check ("kind" in (${KINDS_BEFORE}));`);
  }
}
