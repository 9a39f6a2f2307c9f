import type { Operators } from '@anello/contract';
import type { Book } from '../db/book';

/** Nobody's: what is kept where no initials were given. */
const NOBODY = '–';
const MOST = 24;

/** From one to the next by the index, however many rows each has kept. */
const DISTINCT = `with recursive \`who\` (\`initials\`) as (
  select min(\`operator\`) from \`record\`
  union all
  select (select min(\`operator\`) from \`record\` where \`operator\` > \`who\`.\`initials\`) from \`who\` where \`initials\` is not null
), \`last\` (\`initials\`, \`seq\`) as (
  select \`initials\`, (select max(\`seq\`) from \`record\` where \`operator\` = \`initials\`) from \`who\` where \`initials\` is not null and \`initials\` <> ?
)
select \`initials\`, \`at\` as \`seen\` from \`last\` join \`record\` on \`record\`.\`seq\` = \`last\`.\`seq\` order by \`last\`.\`seq\` desc limit ?`;

/** Whose initials stand in the book, those who kept something last first. */
export const operatorsIn = (book: Book): Operators => ({
  operators: book.all<Operators['operators'][number]>(DISTINCT, NOBODY, MOST),
});
