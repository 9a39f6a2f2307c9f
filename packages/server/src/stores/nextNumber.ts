import type { NextNumber } from '@anello/contract';
import type { Book } from '../db/book';

const BEGINS = 'J-';
/** The first of a new shop is one more. */
const BEFORE_FIRST = 100;
/** A number of more figures is something else that begins as one does. */
const MOST_FIGURES = 9;

/** One more than the highest number in use; numbers that are not `J-` and figures are not counted. */
export function nextNumber(book: Book): NextNumber {
  const from = BEGINS.length + 1;
  const found = book.get<{ highest: number | null }>(
    `select max(cast(substr(\`number\`, ${from}) as integer)) as \`highest\` from \`job\`
     where \`number\` glob '${BEGINS}[0-9]*' and substr(\`number\`, ${from}) not glob '*[^0-9]*' and length(\`number\`) <= ?`,
    BEGINS.length + MOST_FIGURES,
  );
  return { number: `${BEGINS}${Math.max(BEFORE_FIRST, found?.highest ?? 0) + 1}` };
}
