import { Migration } from '@mikro-orm/migrations';

const READABLE = "replace(replace(`number`, ' (', '-'), ')', '')";

/**
 * Pictures of the work, in the book itself: whatever copies or restores the book has them. Beside that, jobs that were taken
 * in from a file under a number no job may have, "J-1 (2)", get one that can be read: "J-1-2".
 */
export class Migration20261127T0008Photos extends Migration {
  override async up(): Promise<void> {
    this.addSql(
      'create table `photo` (`id` text primary key, `job_id` text not null references `job` (`id`), `width` integer not null, `height` integer not null, `jpeg` blob not null);',
    );
    this.addSql('create index `photo_job_index` on `photo` (`job_id`);');
    this.addSql(
      `update or ignore \`job\` set \`document\` = json_set(\`document\`, '$.number', ${READABLE}), \`number\` = ${READABLE} where \`number\` like '% (%)';`,
    );
    this.addSql(
      "update `rack` set `number` = (select `number` from `job` where `job`.`id` = `rack`.`job_id`), `progress` = null where `number` like '% (%)';",
    );
  }

  override async down(): Promise<void> {
    this.addSql('drop table if exists `photo`;');
  }
}
