import { length } from '../figure/figure';
import { plainText, type Phrase } from '../figure/phrase';
import type { Device } from '../machine/lathe';
import type { End } from '../taper/task';
import { lookFirst } from './checks/registry';
import { findingsOf } from './check/checkPlan';
import { walk, type HeldSteps, type Step, type Walk } from './check/walk';
import type { Placed } from './piece/laid';
import { kindOfHolding } from './holdings/registry';
import { goesOn, heldOn } from './operations/goesOn';
import { kindOfOperation } from './operations/registry';
import type { Finding, Holding, PlanOperation, PlanPart } from './piece/line';
import { outlinesOf, type Outlines } from './piece/outlines';
import type { Piece } from './piece/piece';

/** An operation as it is read at the machine. */
export interface OperationSaid {
  readonly operation: PlanOperation;
  readonly name: string;
  /** It has a loop of its own: its way, its setting, its cut and its proof. */
  readonly loop: boolean;
  /** It is done away from the lathe, in whatever holds it there. */
  readonly away: boolean;
  /** One line for each feature it works, with its figures. */
  readonly lines: readonly Phrase[];
  readonly minutes: number;
  /** To set the lathe for it, before the first piece. */
  readonly setUp: number;
  /** What a good hand looks at before starting. */
  readonly before: readonly Phrase[];
  readonly findings: readonly Finding[];
}

/** A holding as it is read at the machine, with the piece as it comes into it and as it leaves. */
export interface HoldingSaid {
  readonly holding: Holding;
  readonly name: string;
  readonly held: Phrase;
  readonly clocked: Phrase | null;
  readonly caution: string;
  /** Drawn in a socket or on a bar through it, where not in jaws; and the ends a centre is drawn at. */
  readonly drawn: 'socket' | 'bar' | 'jaws';
  readonly centres: readonly End[];
  /** The thread a drawbar holds it by, where one does: on the part's own z, and its radius. */
  readonly drawbar: { readonly from: number; readonly to: number; readonly r: number } | null;
  /** For one piece: putting it in, finding its axis, setting the lathe and all that is done. */
  readonly minutes: number;
  readonly before: Outlines;
  readonly after: Outlines;
  readonly operations: readonly OperationSaid[];
  /** What is laid out for it, each thing once, in the order it is wanted. */
  readonly tools: readonly Phrase[];
  /** What is wrong with holding it so. */
  readonly findings: readonly Finding[];
}

export interface PlanSaid {
  readonly holdings: readonly HoldingSaid[];
  /** What belongs to no holding's operation: what is left undone at the end. */
  readonly findings: readonly Finding[];
  /** For one piece. */
  readonly minutes: number;
  readonly length: number;
  /** All pieces: each from bar to part in turn, or every piece through one holding before the next. */
  readonly batch: { readonly inTurn: Batch; readonly byHolding: Batch };
}

/** What a way of working a batch costs. */
export interface Batch {
  readonly setUps: number;
  readonly minutes: number;
}

/**
 * A line of work as it is read at the machine: each holding with what it holds, what is clocked and the piece in it; each
 * operation in a line with its figures, its minutes and what to look at first. Errors: as checkPlan.
 *
 * @example
 * describePlan(PLANNED, planPart(PLANNED).holdings).holdings[1]?.name
 * // → 'Three-jaw'
 */
export function describePlan(part: PlanPart, holdings: readonly Holding[]): PlanSaid {
  const { walked, findings, said } = describeSteps(part, holdings);
  const minutes = said.reduce((sum, one) => sum + one.minutes, 0);
  const once = walked.held.reduce((sum, held) => sum + setOnce(held), 0);
  const { quantity } = part;
  const setUps = said.filter(
    ({ holding }, i) => i === 0 || !goesOn(holdings[i - 1] as Holding, holding),
  ).length;
  return {
    holdings: said,
    findings,
    minutes,
    length: walked.laid.length,
    batch: {
      inTurn: { setUps: quantity * setUps, minutes: quantity * minutes },
      byHolding: { setUps, minutes: quantity * (minutes - once) + once },
    },
  };
}

/**
 * Minutes of setting that a holding spends once for a whole batch. What is swung for one cut and squared again for the
 * others is set for every piece.
 */
function setOnce({ holding, steps }: HeldSteps): number {
  const cutting = steps.filter(({ moment }) => kindOfOperation(moment.operation.kind).cuts).length;
  return steps.reduce((sum, { moment, sections }) => {
    const kind = kindOfOperation(moment.operation.kind);
    const { laid } = moment.piece;
    return sections.reduce((of, section) => {
      const device = kind.leaves(laid, section, holding.by)?.device ?? null;
      const disturbed = device !== null && DISTURBED.includes(device) && cutting > 1;
      return of + (disturbed ? 0 : kind.setUp(laid, section, holding.by));
    }, sum);
  }, 0);
}
/** Parts of the lathe that other cuts need back where they were. */
const DISTURBED: readonly Device[] = ['compound', 'tailstock'];

/** The same, with the steps it was worked out of. */
export function describeSteps(
  part: PlanPart,
  holdings: readonly Holding[],
): { readonly walked: Walk; readonly findings: readonly Finding[]; readonly said: readonly HoldingSaid[] } {
  const walked = walk(part, holdings);
  const findings = findingsOf(walked);
  return { walked, findings, said: walked.held.map((held) => holdingSaid(held, findings)) };
}

/** A bar through the piece is held between centres of its own. */
const BOTH: readonly End[] = ['headstock', 'tailstock'];

function holdingSaid({ holding, before, steps }: HeldSteps, findings: readonly Finding[]): HoldingSaid {
  const kind = kindOfHolding(holding.by);
  const operations = steps.map((step) => operationSaid(step, findings));
  const drawn = kind.drawn?.(before) ?? 'jaws';
  return {
    holding,
    name: kind.name,
    held: heldSaid(before, holding),
    clocked: clocked(holding, steps[0]?.moment.piece ?? before),
    caution: heldOn(before, holding) && holding.centre ? GOES_ON : kind.caution,
    drawn,
    drawbar: barOf(kind.drawbar?.(before, holding)),
    centres: drawn === 'bar' ? BOTH : kind.centresIn(holding),
    minutes: operations.reduce((sum, one) => sum + one.minutes + one.setUp, minutesToHold(before, holding)),
    before: outlinesOf(before),
    after: outlinesOf(steps.at(-1)?.after ?? before),
    operations,
    tools: distinct(steps.flatMap(toolsOf)),
    findings: findings.filter((f) => f.holding === holding.id && f.operation === null),
  };
}

const CENTRE_UP = 1;
const minutesToHold = (before: Piece, holding: Holding): number =>
  heldOn(before, holding) ? CENTRE_UP : kindOfHolding(holding.by).minutes;

const GOES_ON = 'The jaws are not opened: the tailstock is brought up and locked with the spindle stopped.';

/** How it is held; as it was, where nobody opened the jaws, and with a centre where one carries its free end. */
function heldSaid(before: Piece, holding: Holding): Phrase {
  const { onCentres, say } = kindOfHolding(holding.by);
  const [first = '', ...more] = say(before, holding);
  const begins = heldOn(before, holding) && typeof first === 'string' ? `Still ${lowered(first)}` : first;
  return [begins, ...more, ...(holding.centre && !onCentres ? [', its free end on a centre'] : [])];
}

const lowered = (said: string): string => said.slice(0, 1).toLowerCase() + said.slice(1);

const barOf = (thread: Placed | undefined): HoldingSaid['drawbar'] =>
  thread ? { from: thread.z0, to: thread.z1, r: thread.smallest } : null;

function clocked({ trueTo, by }: Holding, { laid }: Piece): Phrase | null {
  if (!trueTo) return null;
  const name = laid.byId.get(trueTo.feature)?.feature.name ?? 'it';
  // What holds it in its hole shows the hole's axis; the hole itself is not reached then.
  const what = kindOfHolding(by).clocks ? `the mandrel beside ${name}` : name;
  return [`Clock ${what} true within `, length(trueTo.limit, 0.001), ' of needle swing'];
}

/** What one step wants laid out. */
function toolsOf({ moment, sections }: Step): readonly Phrase[] {
  const kind = kindOfOperation(moment.operation.kind);
  const targets = kind.on === 'features' ? sections : [null];
  return targets.flatMap((section) => kind.tools(moment.piece.laid, section, moment));
}

/** Said once, though it stands for several features. */
const distinct = (phrases: readonly Phrase[]): readonly Phrase[] => [
  ...new Map(phrases.map((one) => [plainText(one), one])).values(),
];

function operationSaid({ moment, sections }: Step, findings: readonly Finding[]): OperationSaid {
  const { operation, holding, piece } = moment;
  const kind = kindOfOperation(operation.kind);
  const targets = kind.on === 'features' ? sections : [null];
  return {
    operation,
    name: kind.name,
    loop: kind.loop,
    away: kind.away,
    lines: targets.map((section) => kind.say(piece.laid, section, moment)),
    minutes: targets.reduce((sum, section) => sum + kind.minutes(piece.laid, section, moment), 0),
    setUp: targets.reduce((sum, section) => sum + kind.setUp(piece.laid, section, holding.by), 0),
    before: distinct(targets.flatMap((section) => lookFirst(kind, moment, section))),
    findings: findings.filter((f) => f.operation === operation.id),
  };
}
