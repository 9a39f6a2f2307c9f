import { Migration } from '@mikro-orm/migrations';

/** Which feature and which operation a record is about; and cards that say how each shape of a part has come. */
export class Migration20261126T0004Shapes extends Migration {
  override async up(): Promise<void> {
    for (const sql of [
      'alter table `record` add column `feature` text null;',
      'alter table `record` add column `operation` text null;',
      'update `rack` set `progress` = null;',
    ])
      this.addSql(sql);
  }

  override async down(): Promise<void> {
    for (const column of ['feature', 'operation'])
      this.addSql(`alter table \`record\` drop column \`${column}\`;`);
  }
}
