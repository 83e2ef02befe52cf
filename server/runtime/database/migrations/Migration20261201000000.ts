import { Migration } from '@mikro-orm/migrations';

/** Plants are found by words with typing errors: the database compares them by their groups of three letters. */
export class Migration20261201000000 extends Migration {
  override up(): void {
    this.addSql(`create extension if not exists "pg_trgm";`);
  }

  override down(): void {
    this.addSql(`drop extension "pg_trgm";`);
  }
}
