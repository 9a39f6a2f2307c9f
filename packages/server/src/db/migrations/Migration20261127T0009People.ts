import { Migration } from '@mikro-orm/migrations';

/** Who works here, by initials, what each may do, and whose session is whose. Of a passphrase only a hash is kept. */
export class Migration20261127T0009People extends Migration {
  override async up(): Promise<void> {
    this.addSql(
      "create table `person` (`initials` text not null primary key, `name` text not null, `may` text not null default 'write', `archived` integer not null default 0, `secret` text null);",
    );
    this.addSql('alter table `session` add column `person` text null;');
  }

  override async down(): Promise<void> {
    this.addSql('alter table `session` drop column `person`;');
    this.addSql('drop table if exists `person`;');
  }
}
