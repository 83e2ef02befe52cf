import { Migration } from '@mikro-orm/migrations';

/** Places and own things are kept once, however often the same request comes: its key lies with the row. */
export class Migration20261128000000 extends Migration {
  override up(): void {
    for (const table of ['place', 'own_item']) {
      this.addSql(`alter table "${table}"
        add column "idempotency_key" varchar(80) null,
        add constraint "${table}_idempotency_key_unique" unique ("collection_id", "idempotency_key");`);
    }
  }

  override down(): void {
    for (const table of ['place', 'own_item']) {
      this.addSql(`alter table "${table}"
        drop constraint "${table}_idempotency_key_unique", drop column "idempotency_key";`);
    }
  }
}
