import { Migration } from '@mikro-orm/migrations';

/**
 * A plant's events are found by the plant alone. By collection and plant they could be found through the index of days as well, and in tables that
 * nobody has counted yet (a first list of thousands, a restored copy) that looked as good: every plant then read every event.
 */
export class Migration20261206000000 extends Migration {
  override up(): void {
    this.addSql(`drop index "event_plant_index";`);
    this.addSql(`create index "event_plant_index"
      on "event" ("plant_id", "happened_on" desc, "recorded_at" desc) where "hidden_at" is null;`);
  }

  override down(): void {
    this.addSql(`drop index "event_plant_index";`);
    this.addSql(`create index "event_plant_index"
      on "event" ("collection_id", "plant_id", "happened_on" desc, "recorded_at" desc) where "hidden_at" is null;`);
  }
}
