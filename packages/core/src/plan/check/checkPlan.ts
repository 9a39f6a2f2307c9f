import { plainText } from '../../figure/phrase';
import { refusals } from '../holdings/refusals';
import { impossible, risk, type Finding, type Holding, type PlanPart, type Wrong } from '../piece/line';
import { closedTooSoon } from './closedTooSoon';
import { walk, type Walk } from './walk';

/**
 * What an order of work does wrong, seen from the piece as it stands at each moment: under the jaws, from the wrong end,
 * into a shoulder, on a hole that is not there, off its axis. Nothing wrong gives an empty list. Errors: as layoutPart,
 * at the feature's or the stock's field; out-of-range for a holding or an operation that is none.
 *
 * @example
 * checkPlan(PLANNED, planPart(PLANNED).holdings.slice(0, 1)).some((one) => one.code === 'end-not-faced')
 * // → true
 */
export const checkPlan = (part: PlanPart, holdings: readonly Holding[]): Finding[] =>
  findingsOf(walk(part, holdings));

/** The findings of a line of work gone through. */
export function findingsOf({ laid, held, last, hard }: Walk): Finding[] {
  const found: Finding[] = [];
  const add = (holding: string, operation: string | null, { code, level, said }: Wrong): void => {
    found.push({ code, level, holding, operation, sentence: plainText(said), phrase: said });
  };
  const tooSoon = closedTooSoon(held.flatMap(({ steps }) => steps));
  for (const { holding, wrong, steps } of held) {
    wrong.forEach((one) => add(holding.id, null, one));
    for (const { moment, wrong: there } of steps) {
      const { id } = moment.operation;
      const early = tooSoon.get(id);
      [...there, ...(early ? [early] : [])].forEach((one) => add(holding.id, id, one));
    }
  }
  if (held.length === 0) {
    add('', null, impossible('not-held', ['There is no holding yet: nothing is made.']));
    refusals(laid).forEach((one) => add('', null, one));
    return found;
  }
  const end = held.at(-1)?.holding.id ?? '';
  for (const section of laid.all)
    if (!last.done.has(section.id))
      add(end, null, impossible('unfinished', [`${section.feature.name} is not made by any of this.`]));
  if (laid.part.harden !== undefined && !hard)
    add(end, null, risk('unfinished', ['It is to be hardened, and nothing of this does it.']));
  for (const face of ['headstock', 'tailstock'] as const)
    if (!last.faced.has(face)) add(end, null, impossible('end-not-faced', [`The ${face} end is not faced.`]));
  return found;
}
