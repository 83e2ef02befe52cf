/** What a plant's life comes to is called the plant's state, and what is done after potting its aftercare. */
import { Migration } from '@mikro-orm/migrations';

export class Migration20261207000000 extends Migration {
  override up(): void {
    this.addSql(`alter table "plant_now" rename to "plant_state";`);
    this.addSql(`alter table "plant_state" rename column "nursed" to "aftercare";`);
    this.addSql(`alter index "plant_now_collection_index" rename to "plant_state_collection_index";`);
    this.addSql(`alter index "plant_now_outlook_index" rename to "plant_state_outlook_index";`);
  }

  override down(): void {
    this.addSql(`alter index "plant_state_outlook_index" rename to "plant_now_outlook_index";`);
    this.addSql(`alter index "plant_state_collection_index" rename to "plant_now_collection_index";`);
    this.addSql(`alter table "plant_state" rename column "aftercare" to "nursed";`);
    this.addSql(`alter table "plant_state" rename to "plant_now";`);
  }
}
