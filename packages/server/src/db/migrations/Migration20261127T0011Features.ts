import { Migration } from '@mikro-orm/migrations';

/** The logbook finds plain features by their kind too: what every job's shapes are found by is worked out anew. */
export class Migration20261127T0011Features extends Migration {
  override async up(): Promise<void> {
    this.addSql('update `rack` set `shaped` = 0;');
  }

  override async down(): Promise<void> {
    this.addSql('delete from `shape` where `place` < 0;');
  }
}
