import type { OperationBeforeRow } from '@anello/contract';
import { minutesSaid, times } from './lineOf';

/** How its sizes came out; null where none was kept. */
export function sizesOf({ story: { inside, outside } }: Pick<OperationBeforeRow, 'story'>): string | null {
  if (inside + outside === 0) return null;
  return outside === 0 ? 'every size inside' : `${outside} of ${inside + outside} outside`;
}

/** How an operation went then, in a line: pieces, passes, sizes, minutes against the plan's. */
export function operationLine(row: Pick<OperationBeforeRow, 'story'>): string {
  const { pieces, passes, minutes, planned, notes } = row.story;
  const spent = minutesSaid(minutes);
  const given = planned === null ? null : minutesSaid(planned);
  const said = [
    times(pieces, 'piece'),
    ...(passes > 0 ? [times(passes, 'pass', 'passes')] : []),
    ...[sizesOf(row)].filter((one) => one !== null),
    ...(spent ? [given ? `${spent} of ${given} planned` : spent] : []),
  ].join(', ');
  const [note] = notes;
  return note ? `${said}: ${note}` : said;
}
