import { Migration } from '@mikro-orm/migrations';

/** What a plain operation is found again by, newest first; jobs by when they were last worked; and the searches of the logbook that the shop has named. */
export class Migration20261127T0010Searches extends Migration {
  override async up(): Promise<void> {
    for (const sql of [
      "create index `record_alike_index` on `record` (json_extract(`body`, '$.alike'), `seq`) where json_extract(`body`, '$.kind') = 'worked';",
      'create index `rack_newest_index` on `rack` (`updated_at` desc);',
      'create table `search` (`name` text not null primary key, `asked` text not null, `at` text not null) without rowid;',
    ])
      this.addSql(sql);
  }

  override async down(): Promise<void> {
    for (const sql of [
      'drop table if exists `search`;',
      'drop index if exists `rack_newest_index`;',
      'drop index if exists `record_alike_index`;',
    ])
      this.addSql(sql);
  }
}
