import { WORKS } from './works';
import { rowOf, tableOf } from './table';

/** npm run prove [-- lathes [first seed [work …]]]: both hands on the same hidden lathes, as a table. */
const [count = '2000', first = '1', ...only] = process.argv.slice(2);
const seeds = Array.from({ length: Number(count) }, (_, i) => Number(first) + i);
const works = only.length > 0 ? WORKS.filter(({ id }) => only.includes(id)) : WORKS;
process.stdout.write(`${seeds.length} lathes, seeds ${seeds[0]} to ${seeds.at(-1)}\n`);
const rows = works.flatMap((work) => [
  rowOf(
    work,
    'by the cards',
    seeds.map((seed) => work.byCards(seed)),
  ),
  rowOf(
    work,
    'as the trade does',
    seeds.map((seed) => work.byTrade(seed)),
  ),
]);
process.stdout.write(`${tableOf(rows)}\n`);
