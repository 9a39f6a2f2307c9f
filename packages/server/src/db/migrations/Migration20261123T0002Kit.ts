import { Migration } from '@mikro-orm/migrations';

/** What a shop owns besides its lathes, and the tapers it has saved. */
export class Migration20261123T0002Kit extends Migration {
  override async up(): Promise<void> {
    for (const table of ['kit', 'taper']) {
      this.addSql(
        `create table \`${table}\` (\`id\` text not null primary key, \`version\` integer not null, \`document\` json not null);`,
      );
    }
  }

  override async down(): Promise<void> {
    for (const table of ['taper', 'kit']) this.addSql(`drop table if exists \`${table}\`;`);
  }
}
