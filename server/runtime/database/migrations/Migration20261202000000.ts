import { Migration } from '@mikro-orm/migrations';

const KINDS_BEFORE = `'potted', 'inspected', 'looked'`;
const KINDS = `${KINDS_BEFORE}, 'watered', 'fed', 'flushed', 'bloomed', 'treated', 'moved', 'weighed', 'noted', 'felt', 'divided', 'put off', 'left'`;

/**
 * A plant gets what stands on its tag and in its papers; its life everything that is done to it, alone or with others; and
 * beside it stands what its life comes to today, so that lists and what is due read one row a plant.
 */
export class Migration20261202000000 extends Migration {
  override up(): void {
    // Numbers in a tag count as numbers: 9 before 10.
    this.addSql(`create collation "tag_order" (provider = icu, locale = 'en-u-kn-true');`);
    this.addSql(`alter table "plant"
      add column "tag_number" varchar(40) null check ("tag_number" <> ''),
      add column "parentage" varchar(200) null check ("parentage" <> ''),
      add column "source" varchar(200) null check ("source" <> ''),
      add column "acquired_on" date null,
      add column "spot" varchar(80) null check ("spot" <> ''),
      add column "flag" varchar(20) null check ("flag" in ('watch', 'for exchange', 'keep apart')),
      add column "divided_from_id" uuid null,
      add column "divided_on" date null,
      add constraint "plant_division_check" check (("divided_from_id" is null) = ("divided_on" is null)),
      add constraint "plant_divided_from_foreign" foreign key ("collection_id", "divided_from_id")
        references "plant" ("collection_id", "id");`);
    this.addSql(`create table "plant_before" (
      "id" uuid not null primary key,
      "plant_id" uuid not null references "plant" ("id"),
      "version" int not null check ("version" >= 1),
      "facts" jsonb not null check (jsonb_typeof("facts") = 'object'),
      "replaced_at" timestamptz not null,
      unique ("plant_id", "version"));`);
    this.addSql(`alter table "event" drop constraint "event_kind_check",
      add constraint "event_kind_check" check ("kind" in (${KINDS})),
      add column "batch_id" uuid null,
      add column "version" int not null default 1 check ("version" >= 1);`);
    this.addSql(
      `create index "event_batch_index" on "event" ("collection_id", "batch_id") where "batch_id" is not null;`,
    );
    this.addSql(`create table "event_before" (
      "id" uuid not null primary key,
      "event_id" uuid not null references "event" ("id"),
      "version" int not null check ("version" >= 1),
      "happened_on" date not null,
      "data" jsonb not null check (jsonb_typeof("data") = 'object'),
      "data_version" int not null check ("data_version" >= 1),
      "replaced_at" timestamptz not null,
      unique ("event_id", "version"));`);
    this.addSql(`create table "plant_now" (
      "plant_id" uuid not null primary key references "plant" ("id"),
      "collection_id" uuid not null references "collection" ("id"),
      "place_key" varchar(120) not null,
      "place_name" varchar(120) null,
      "potted_on" date null,
      "in_medium_since" date null,
      "medium_id" varchar(80) null,
      "medium_name" varchar(120) null,
      "title" varchar(200) null,
      "watered_on" date null,
      "fed_on" date null,
      "flushed_on" date null,
      "treated_on" date null,
      "bloomed_on" date null,
      "looked_over_on" date null,
      "photo_id" uuid null,
      "left_on" date null,
      "left_how" varchar(20) null,
      "seen" json null,
      "waits" json null,
      "put_off" json null,
      "felt" json null,
      "search_text" text not null,
      "outlook_key" char(32) not null,
      "outlook_of" char(32) null,
      "outlook" json null);`);
    this.addSql(`create index "plant_now_collection_index" on "plant_now" ("collection_id");`);
    this.addSql(`create index "plant_now_outlook_index" on "plant_now" ("collection_id")
      where "outlook_of" is distinct from "outlook_key";`);
  }

  override down(): void {
    // What the older program has no room for keeps it from going down: nothing is thrown away.
    this.addSql(`do $$ begin
      if exists (select 1 from "event" where "kind" not in (${KINDS_BEFORE}))
        or exists (select 1 from "plant" where coalesce("tag_number", "parentage", "source", "spot", "flag") is not null
          or "acquired_on" is not null) then
        raise exception 'there are entries that the older tables cannot hold';
      end if;
    end $$;`);
    this.addSql(`drop collation "tag_order";`);
    this.addSql(`drop table "plant_now";`);
    this.addSql(`drop table "event_before";`);
    this.addSql(`drop index "event_batch_index";`);
    this.addSql(`alter table "event" drop constraint "event_kind_check",
      add constraint "event_kind_check" check ("kind" in (${KINDS_BEFORE})),
      drop column "batch_id", drop column "version";`);
    this.addSql(`drop table "plant_before";`);
    this.addSql(`alter table "plant" drop column "tag_number", drop column "parentage", drop column "source",
      drop column "acquired_on", drop column "spot", drop column "flag",
      drop column "divided_from_id", drop column "divided_on";`);
  }
}
