import { Migration } from '@mikro-orm/migrations';

/** The words of a row: what was noted, why, what was measured or done. */
const words = (row: string): string =>
  `trim(${['text', 'cause', 'what', 'said'].map((key) => `coalesce(json_extract(${row}\`body\`, '$.${key}'), '')`).join(" || ' ' || ")})`;

/** What the logbook asks by: the kind of a row, who kept it, its words, what was taken back, and the lathe of a job. */
export class Migration20261126T0006Logbook extends Migration {
  override async up(): Promise<void> {
    for (const sql of [
      "alter table `record` add column `kind` text generated always as (json_extract(`body`, '$.kind')) virtual;",
      'create index `record_kind_index` on `record` (`kind`, `seq`);',
      'create index `record_operator_index` on `record` (`operator`, `seq`);',
      "create index `record_withdrawn_index` on `record` (json_extract(`body`, '$.record')) where json_extract(`body`, '$.kind') = 'withdrawn';",
      'alter table `rack` add column `machine_id` text null;',
      "update `rack` set `machine_id` = (select json_extract(`document`, '$.machineId') from `job` where `job`.`id` = `rack`.`job_id`);",
      'create index `rack_machine_index` on `rack` (`machine_id`);',
      "create virtual table `record_words` using fts5(`words`, content='');",
      `create trigger \`record_words_put\` after insert on \`record\` when ${words('new.')} <> '' begin insert into \`record_words\` (\`rowid\`, \`words\`) values (new.\`seq\`, ${words('new.')}); end;`,
      `insert into \`record_words\` (\`rowid\`, \`words\`) select \`seq\`, ${words('')} from \`record\` where ${words('')} <> '';`,
    ])
      this.addSql(sql);
  }

  override async down(): Promise<void> {
    for (const sql of [
      'drop trigger if exists `record_words_put`;',
      'drop table if exists `record_words`;',
      'drop index if exists `rack_machine_index`;',
      'alter table `rack` drop column `machine_id`;',
      'drop index if exists `record_withdrawn_index`;',
      'drop index if exists `record_operator_index`;',
      'drop index if exists `record_kind_index`;',
      'alter table `record` drop column `kind`;',
    ])
      this.addSql(sql);
  }
}
