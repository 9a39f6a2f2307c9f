import { Migration } from '@mikro-orm/migrations';

/**
 * What earlier work is found by: each shape of each job with what it is known by, worked out of the job's document
 * (`shaped` is the version it was worked out of; nothing yet); a job's material; and whether it was put away.
 */
export class Migration20261127T0007Memory extends Migration {
  override async up(): Promise<void> {
    for (const sql of [
      'create table `shape` (`job_id` text not null references `job` (`id`), `feature` text not null, `place` integer not null, `kind` text not null, `figure` real null, `series` text null, `size` text null, `way` text null, primary key (`job_id`, `feature`)) without rowid;',
      'create index `shape_figure_index` on `shape` (`kind`, `figure`);',
      'create index `shape_series_index` on `shape` (`series`, `size`);',
      'create index `shape_way_index` on `shape` (`way`);',
      "alter table `rack` add column `material` text not null default '';",
      'alter table `rack` add column `shaped` integer not null default 0;',
      'alter table `rack` add column `put_away` text null;',
      'alter table `rack` add column `due` text null;',
      "alter table `rack` add column `words` text not null default '';",
      'create index `rack_away_index` on `rack` (`put_away`, `updated_at` desc, `number` desc);',
      'create index `rack_due_index` on `rack` (`due`) where `due` is not null;',
    ])
      this.addSql(sql);
  }

  override async down(): Promise<void> {
    for (const sql of [
      'drop index if exists `rack_due_index`;',
      'drop index if exists `rack_away_index`;',
      ...['words', 'due', 'put_away', 'shaped', 'material'].map(
        (name) => `alter table \`rack\` drop column \`${name}\`;`,
      ),
      'drop table if exists `shape`;',
    ])
      this.addSql(sql);
  }
}
