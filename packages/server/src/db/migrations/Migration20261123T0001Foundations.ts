import { Migration } from '@mikro-orm/migrations';

/** Jobs, records, machines and their settings. */
export class Migration20261123T0001Foundations extends Migration {
  override async up(): Promise<void> {
    this.addSql(
      'create table `job` (`id` text not null primary key, `number` text not null, `title` text not null, `version` integer not null, `updated_at` text not null, `document` json not null);',
    );
    this.addSql('create unique index `job_number_unique` on `job` (`number`);');
    this.addSql('create index `job_updated_at_index` on `job` (`updated_at`);');
    this.addSql(
      'create table `record` (`seq` integer not null primary key autoincrement, `id` text not null, `job_id` text not null, `piece` integer not null, `at` text not null, `operator` text not null, `body` json not null);',
    );
    this.addSql('create unique index `record_id_unique` on `record` (`id`);');
    this.addSql('create index `record_job_id_index` on `record` (`job_id`);');
    this.addSql(
      'create table `machine` (`id` text not null primary key, `version` integer not null, `document` json not null);',
    );
    this.addSql(
      'create table `setting` (`seq` integer not null primary key autoincrement, `id` text not null, `machine_id` text not null, `device` text not null, `half_angle` real null, `work_length` real null, `at` text not null, `operator` text not null, `job_id` text null, `job_number` text null, `how` text not null);',
    );
    this.addSql('create unique index `setting_id_unique` on `setting` (`id`);');
    this.addSql('create index `setting_machine_id_index` on `setting` (`machine_id`);');
  }

  override async down(): Promise<void> {
    for (const table of ['setting', 'machine', 'record', 'job'])
      this.addSql(`drop table if exists \`${table}\`;`);
  }
}
