import { Migration } from '@mikro-orm/migrations';

/**
 * The book's own row; what the rack shows of each job, beside the job; saves that may be sent twice; settings by the time they
 * were made; who has signed in. Indexes for the questions that are asked of a thick book.
 */
export class Migration20261125T0003Book extends Migration {
  override async up(): Promise<void> {
    for (const sql of [
      'create table `book` (`id` integer not null primary key check (`id` = 1), `written_at` text not null, `begun` integer not null);',
      "insert into `book` (`id`, `written_at`, `begun`) select 1, '', exists (select 1 from `job`) or exists (select 1 from `machine`);",
      'create table `rack` (`job_id` text not null primary key, `updated_at` text not null, `number` text not null, `title` text not null, `quantity` integer not null, `touched` integer not null, `progress` text null);',
      "insert into `rack` select `id`, `updated_at`, `number`, `title`, coalesce(json_extract(`document`, '$.quantity'), 1), 0, null from `job`;",
      'alter table `job` add column `facts` text null;',
      'create index `rack_order_index` on `rack` (`updated_at` desc, `number` desc, `title`);',
      'drop index `job_updated_at_index`;',
      'drop index `record_job_id_index`;',
      'create index `record_job_index` on `record` (`job_id`, `seq`);',
      'alter table `setting` add column `kept_at` text null;',
      'drop index `setting_machine_id_index`;',
      'create index `setting_in_force_index` on `setting` (`machine_id`, `device`, `at` desc, `seq` desc);',
      'create table `save` (`id` text not null primary key, `of` text not null, `version` integer not null, `digest` text null, `at` text not null);',
      'create table `session` (`id` text not null primary key, `proof` text not null, `expires_at` text not null);',
      'create index `save_at_index` on `save` (`at`);',
    ])
      this.addSql(sql);
  }

  override async down(): Promise<void> {
    for (const sql of [
      'drop table if exists `session`;',
      'drop table if exists `save`;',
      'drop table if exists `rack`;',
      'drop table if exists `book`;',
    ])
      this.addSql(sql);
  }
}
