import { Migration } from '@mikro-orm/migrations';

const KINDS_BEFORE = `'potted', 'inspected', 'looked', 'watered', 'fed', 'flushed', 'bloomed', 'treated', 'moved', 'weighed', 'noted', 'felt', 'divided', 'put off', 'left', 'planned', 'nursed', 'set aside'`;
const KINDS = `${KINDS_BEFORE}, 'grew'`;

/** What a plant made or lost is an entry of its own; and what is to come of a plant says whether it stands over water. */
export class Migration20261220000000 extends Migration {
  override up(): void {
    this.addSql(`alter table "event" drop constraint "event_kind_check",
      add constraint "event_kind_check" check ("kind" in (${KINDS}));`);
    this.addSql(`update "plant_state" set "outlook_of" = null;`);
  }

  override down(): void {
    this.addSql(`do $$ begin
      if exists (select 1 from "event" where "kind" not in (${KINDS_BEFORE})) then
        raise exception 'there are entries that the older tables cannot hold';
      end if;
    end $$;`);
    this.addSql(`alter table "event" drop constraint "event_kind_check",
      add constraint "event_kind_check" check ("kind" in (${KINDS_BEFORE}));`);
  }
}
