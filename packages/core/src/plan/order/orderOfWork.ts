import type { Endangered, Operation } from './operation';
import { cone, home, ownTaper, setUp, staircase, tryIt } from './operations/cone';
import { deburr, face, partOff } from './operations/ends';
import type { Facts, Maker, PlanRequest } from './operations/facts';
import { drawbar, holes } from './operations/holes';
import { grooves, reference, rough } from './operations/roughing';
import { eccentric, outsideThread, profile } from './operations/shapes';

/** Every operation, in the usual order. */
const MAKERS: readonly Maker[] = [
  face,
  reference,
  rough,
  holes,
  drawbar,
  grooves,
  staircase,
  eccentric,
  setUp,
  cone,
  tryIt,
  home,
  outsideThread,
  ownTaper,
  profile,
  partOff,
  deburr,
];

/**
 * The usual order of work for a part made a given way: each operation with its reason and what must come before it.
 *
 * @example
 * orderOfWork({ features: SHANK_PART, task: SHANK, way: 'tailstock', allowance: 0.1 })
 *   .slice(0, 3)
 *   .map((one) => one.id)
 * // → ['face', 'reference', 'rough']
 */
export function orderOfWork(request: PlanRequest): Operation[] {
  const facts: Facts = {
    ...request,
    has: (test) => request.features.some(test),
    cone: request.task ? (request.task.member === 'external' ? 'shank' : 'bore') : null,
  };
  const made = MAKERS.flatMap((maker) => maker(facts) ?? []);
  const everything = made.map((o) => o.id).filter((id) => id !== 'part-off' && id !== 'deburr');
  return made.map((operation) =>
    operation.id === 'part-off'
      ? {
          ...operation,
          after: everything.map((id) => ({
            id,
            danger: 'Once it is parted off there is nothing left to hold it by.',
          })),
        }
      : operation,
  );
}

/**
 * Operations in the order a user put them; those not named keep their usual place after the one before them.
 *
 * @example
 * inOrder(orderOfWork({ features: SHANK_PART, task: SHANK, way: 'tailstock', allowance: 0.1 }), [
 *   'taper',
 *   'face',
 * ])[0]?.id
 * // → 'taper'
 */
export function inOrder(operations: readonly Operation[], wanted: readonly string[]): Operation[] {
  const placed = wanted.flatMap((id) => operations.find((o) => o.id === id) ?? []);
  const result = [...placed];
  operations.forEach((operation, i) => {
    if (placed.includes(operation)) return;
    const previous = operations[i - 1];
    const at = previous ? result.findIndex((o) => o.id === previous.id) : -1;
    result.splice(at + 1, 0, operation);
  });
  return result;
}

/**
 * What an order endangers: every operation that stands before one it should follow, with why that matters.
 *
 * @example
 * endangeredBy(
 *   inOrder(orderOfWork({ features: SHANK_PART, task: SHANK, way: 'tailstock', allowance: 0.1 }), [
 *     'deburr',
 *     'try',
 *     'taper',
 *   ]),
 * ).map((one) => one.before)
 * // → ['taper']
 */
export function endangeredBy(ordered: readonly Operation[]): Endangered[] {
  const at = new Map(ordered.map((o, i) => [o.id, i]));
  return ordered.flatMap((operation, i) =>
    operation.after
      .filter(({ id }) => (at.get(id) ?? -1) > i)
      .map(({ id, danger }) => ({ id: operation.id, before: id, danger })),
  );
}
