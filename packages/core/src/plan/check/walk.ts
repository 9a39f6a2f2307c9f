import type { Device } from '../../machine/lathe';
import type { Way } from '../../ways/taper/way';
import { AnelloError } from '../../basics/error';
import { layOut, ridesOn, type Laid, type Placed } from '../piece/laid';
import { impossible, type Holding, type PlanOperation, type Wrong } from '../piece/line';
import { rawPiece, type Piece } from '../piece/piece';
import type { PlanPart } from '../piece/line';
import { kindOfHolding } from '../holdings/registry';
import { canWork, type KindOfOperation, type Moment } from '../operations/kind';
import { heldAfter } from '../operations/goesOn';
import { kindOfOperation } from '../operations/registry';
import { featureWrong, momentWrong, notItsKind } from './common';
import { centreWrong } from '../holdings/betweenCentres';
import { axisLost } from './axisLost';
import { clockedWrong } from './clocked';
import { slenderWrong } from './slender';
import { thinWall } from './thinWall';
import { isEccentric } from '../../part/kinds/is';

/** One step of a line of work: the moment before it, what is wrong with it, and the piece after. */
export interface Step {
  readonly moment: Moment;
  readonly sections: readonly Placed[];
  readonly wrong: readonly Wrong[];
  readonly after: Piece;
}

/** One holding gone through. */
export interface HeldSteps {
  readonly holding: Holding;
  readonly before: Piece;
  /** What is wrong with holding it so. */
  readonly wrong: readonly Wrong[];
  readonly steps: readonly Step[];
}

export interface Walk {
  readonly laid: Laid;
  readonly held: readonly HeldSteps[];
  readonly last: Piece;
  /** Hardened by the end of it. */
  readonly hard: boolean;
}

interface Memory {
  set: Map<Device, Way>;
  onAxis: boolean;
  offAxis: boolean;
  parted: boolean;
  hard: boolean;
}

/** Goes through a line of work step by step, the piece changing under it. Errors as layOut; out-of-range for what it does not know. */
export function walk(part: PlanPart, holdings: readonly Holding[], laid: Laid = layOut(part)): Walk {
  let piece = rawPiece(laid, holdings[0] ?? { toward: 'tailstock' });
  let hard = false;
  const held = holdings.map((holding) => {
    const before = piece;
    const memory: Memory = { set: new Map(), onAxis: false, offAxis: false, parted: false, hard };
    const steps = known(holding).operations.map((operation) => {
      const step = take(piece, holding, operation, memory);
      piece = step.after;
      return step;
    });
    hard = memory.hard;
    piece = { ...piece, held: heldAfter(holding) };
    return { holding, before, wrong: holdingWrong(before, holding), steps };
  });
  return { laid, held, last: piece, hard };
}

/** A holding whose names are known here. Errors: out-of-range. */
function known(holding: Holding): Holding {
  if (!kindOfHolding(holding.by))
    throw new AnelloError('out-of-range', 'holdings', 'There is no such way of holding.');
  for (const { kind } of holding.operations)
    if (!kindOfOperation(kind))
      throw new AnelloError('out-of-range', 'holdings', 'There is no such kind of operation.');
  return holding;
}

function holdingWrong(piece: Piece, holding: Holding): Wrong[] {
  return [
    ...kindOfHolding(holding.by).wrong(piece, holding),
    ...(holding.centre && !kindOfHolding(holding.by).onCentres ? centreWrong(piece, holding.toward) : []),
    ...clockedWrong(piece, holding),
    ...thinWall(piece, holding),
    ...axisLost(piece, holding),
  ];
}

function take(piece: Piece, holding: Holding, operation: PlanOperation, memory: Memory): Step {
  const kind = kindOfOperation(operation.kind);
  const { laid } = piece;
  const moment: Moment = { piece, holding, operation, ...memory, set: new Map(memory.set) };
  const wrong: Wrong[] = [];
  const sections: Placed[] = [];
  for (const id of kind.on === 'features' ? operation.features : []) {
    const section = laid.byId.get(id);
    if (!section)
      wrong.push(impossible('not-of-the-part', ['It works a feature that the part does not have.']));
    else if (canWork(kind, section)) sections.push(section);
    else wrong.push(notItsKind(kind, section));
  }
  if (kind.on === 'features' && operation.features.length === 0)
    wrong.push(impossible('not-of-the-part', ['It does not say what it works.']));
  const targets: readonly (Placed | null)[] = kind.on === 'features' ? sections : [null];
  let after = piece;
  for (const section of targets) {
    const at = { ...moment, piece: after };
    wrong.push(...momentWrong(kind, at, section));
    const first = section ? featureWrong(kind, at, section) : [];
    const fatal = first.some((w) => w.level === 'impossible');
    after = kind.after(at, section);
    wrong.push(
      ...first,
      ...(fatal ? [] : [...kind.wrong(at, section), ...slenderWrong(kind, after, holding, section)]),
    );
    remember(memory, kind, section && ridesOn(laid, section), kind.leaves(laid, section, holding.by));
  }
  return { moment, sections, wrong, after };
}

function remember(memory: Memory, kind: KindOfOperation, rides: Placed | null, leaves: Way | null): void {
  if (leaves?.device) memory.set.set(leaves.device, leaves);
  if (rides && !kind.away) memory[isEccentric(rides) ? 'offAxis' : 'onAxis'] = true;
  if (kind.leavesIt) memory[kind.leavesIt] = true;
}
