import { Migration } from '@mikro-orm/migrations';

const KINDS_BEFORE = `'potted', 'inspected', 'looked', 'watered', 'fed', 'flushed', 'bloomed', 'treated', 'moved', 'weighed', 'noted', 'felt', 'divided', 'put off', 'left', 'planned', 'nursed'`;
const KINDS = `${KINDS_BEFORE}, 'set aside'`;

/** Entries of an archive that this program cannot read are set aside, as they came; and an intake knows all that came with it. */
export class Migration20261208000000 extends Migration {
  override up(): void {
    this.addSql(`alter table "event" drop constraint "event_kind_check",
      add constraint "event_kind_check" check ("kind" in (${KINDS}));`);
    this.addSql(
      `alter table "intake" add column "brought" jsonb not null default '{}' check (jsonb_typeof("brought") = 'object');`,
    );
  }

  override down(): void {
    this.addSql(`do $$ begin
      if exists (select 1 from "event" where "kind" not in (${KINDS_BEFORE})) then
        raise exception 'there are entries that the older tables cannot hold';
      end if;
    end $$;`);
    this.addSql(`alter table "intake" drop column "brought";`);
    this.addSql(`alter table "event" drop constraint "event_kind_check",
      add constraint "event_kind_check" check ("kind" in (${KINDS_BEFORE}));`);
  }
}
