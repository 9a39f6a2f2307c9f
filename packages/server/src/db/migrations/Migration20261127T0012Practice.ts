import { Migration } from '@mikro-orm/migrations';

/** Runs at the practice lathe, by whose they are: nothing of them is a job's or a lathe's. */
export class Migration20261127T0012Practice extends Migration {
  override async up(): Promise<void> {
    for (const sql of [
      'create table `practice_run` (`id` text not null primary key, `operator` text not null, `at` text not null, `body` text not null) without rowid;',
      'create index `practice_run_index` on `practice_run` (`operator`, `at` desc);',
    ])
      this.addSql(sql);
  }

  override async down(): Promise<void> {
    this.addSql('drop table if exists `practice_run`;');
  }
}
