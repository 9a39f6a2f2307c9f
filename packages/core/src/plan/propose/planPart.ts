import { findingsOf } from '../check/checkPlan';
import { walk } from '../check/walk';
import { kindOfHolding } from '../holdings/registry';
import { isAway, kindOfOperation, neededKinds } from '../operations/registry';
import { layOut, type Laid, type Placed } from '../piece/laid';
import {
  OPERATION_KINDS,
  type Finding,
  type Holding,
  type HoldingBy,
  type OperationKind,
  type PlanOperation,
  type PlanPart,
} from '../piece/line';
import type { End } from '../../taper/task';
import type { Choice } from './choice';
import { search } from './search';
import { isCentreHole } from '../../part/kinds/is';

/** A whole line of work: the holdings in order, and what is still wrong with it. */
export interface Proposal {
  readonly holdings: readonly Holding[];
  readonly findings: readonly Finding[];
}

/**
 * Proposes the whole line of work from bar to part: the fewest holdings in which every feature is reached, held by what
 * is not spoiled by it, on one axis where it must be; and in each the operations in their order. Where no order of
 * holdings makes the part, the one that gets furthest, and the findings say what it leaves. Errors: as layoutPart, at the feature's or the stock's field.
 *
 * @example
 * planPart(PLANNED).holdings.map((one) => one.by)
 * // → ['three-jaw', 'three-jaw']
 */
export function planPart(part: PlanPart): Proposal {
  const laid = layOut(part);
  const path = search(laid);
  const holdings = path.map((choice, i) => holdingOf(laid, path, choice, i));
  return { holdings, findings: findingsOf(walk(part, holdings, laid)) };
}

/** Whether a later holding stands a centre in an end. */
const centreUsed = (path: readonly Choice[], from: number, end: End): boolean =>
  path.slice(from + 1).some(({ shell }) => kindOfHolding(shell.by).centresIn(shell).includes(end));

interface Wanted extends Omit<PlanOperation, 'id'> {
  readonly rank: number;
}

function holdingOf(laid: Laid, path: readonly Choice[], choice: Choice, i: number): Holding {
  const { shell, trueTo, work, faces, parts } = choice;
  const { by } = shell;
  const id = `h${i + 1}`;
  const wanted: Wanted[] = [
    ...(faces ? [ranked(laid, by, 'face', null, shell.toward)] : []),
    ...((faces && centreUsed(path, i, shell.toward)) || work.some(isCentreHole)
      ? [ranked(laid, by, 'centre', null, shell.toward)]
      : []),
    ...work.flatMap((section) => operationsOn(laid, by, section)),
    ...(parts ? [ranked(laid, by, 'part-off', null)] : []),
    // Parted off last, an end is left that nothing faces: a line that is not whole closes nothing.
    ...(i === path.length - 1 && !parts ? closing(laid, by) : []),
  ];
  const operations = wanted
    .sort((a, b) => a.rank - b.rank)
    .map(({ rank: _rank, ...operation }) => ({ id: idOf(operation), ...operation }));
  return {
    id,
    by,
    grips: shell.grips,
    toward: shell.toward,
    centre: shell.centre,
    ...(trueTo ? { trueTo } : {}),
    operations,
  };
}

/** The same operation has the same id however often the line of work is proposed: what was kept in it stays with it. */
const idOf = ({ kind, features, end }: Omit<PlanOperation, 'id'>): string =>
  [kind, ...features, ...(end ? [end] : [])].join('-');

function ranked(laid: Laid, by: HoldingBy, kind: OperationKind, section: Placed | null, end?: End): Wanted {
  return {
    kind,
    features: section ? [section.id] : [],
    ...(end ? { end } : {}),
    rank: kindOfOperation(kind).rank(laid, section, by),
  };
}

const operationsOn = (laid: Laid, by: HoldingBy, section: Placed): Wanted[] =>
  neededKinds(laid, section).map(({ kind }) => ranked(laid, by, kind, section));

/** The last things: what is made away from the lathe, hardening, edges broken, and what has to be proved measured. */
const closing = (laid: Laid, by: HoldingBy): Wanted[] => [
  ...laid.details.filter(isAway).flatMap((s) => operationsOn(laid, by, s)),
  ...(laid.part.harden === undefined ? [] : [ranked(laid, by, 'harden', null)]),
  ...OPERATION_KINDS.filter((kind) => kindOfOperation(kind).closes).map((kind) =>
    ranked(laid, by, kind, null),
  ),
];
