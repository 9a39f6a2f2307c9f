import { kindOfOperation } from '../operations/registry';
import { risk, type FindingCode, type OperationKind, type Wrong } from '../piece/line';
import type { Step } from './walk';

const kindOf = ({ moment }: Step) => kindOfOperation(moment.operation.kind);
/** It takes metal off, on the lathe or away from it. Parted off, a piece has its other end to be faced. */
function takesOff(step: Step): boolean {
  const { kind, cuts, away, leavesIt, on } = kindOf(step);
  return kind !== 'part-off' && leavesIt !== 'hard' && (cuts || (away && on === 'features'));
}

/** What is to be the last of its kind, and what undoes it. */
interface Closing {
  readonly closing: OperationKind;
  readonly code: FindingCode;
  readonly undoneBy: (step: Step) => boolean;
  /** What it leaves. */
  readonly said: string;
}

const CLOSINGS: readonly Closing[] = [
  { closing: 'finish', code: 'edges-broken', undoneBy: takesOff, said: 'new edges that nobody breaks' },
  {
    closing: 'inspect',
    code: 'measured-already',
    undoneBy: (step) => takesOff(step) || kindOf(step).leavesIt === 'hard',
    said: 'another size than was measured',
  },
];

/** Edges broken, or the piece measured, for the last time before something that leaves new ones: what is wrong, by that operation. */
export function closedTooSoon(steps: readonly Step[]): ReadonlyMap<string, Wrong> {
  const found = new Map<string, Wrong>();
  for (const { closing, code, undoneBy, said } of CLOSINGS) {
    const last = steps.findLastIndex((step) => kindOf(step).kind === closing);
    const [first, ...more] = last < 0 ? [] : steps.slice(last + 1).filter(undoneBy);
    const at = steps[last];
    if (!first || !at) continue;
    const who =
      more.length > 0
        ? `${named(first)} and ${more.length} more, after it, leave`
        : `${named(first)}, after it, leaves`;
    found.set(at.moment.operation.id, risk(code, [`${who} ${said}.`]));
  }
  return found;
}

const named = (step: Step): string =>
  [kindOf(step).name, ...step.sections.map(({ feature }) => feature.name)].join(' ');
