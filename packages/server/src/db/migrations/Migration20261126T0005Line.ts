import { Migration } from '@mikro-orm/migrations';

/** Cards that show the line of work: those worked out before had none. */
export class Migration20261126T0005Line extends Migration {
  override async up(): Promise<void> {
    this.addSql('update `rack` set `progress` = null;');
  }

  override async down(): Promise<void> {
    // A card is worked out again when it is asked for.
  }
}
