import type { ApproachFaults } from './approachKinds.testdata';
import { VirtualApproach } from './virtualApproach.testdata';
import { seeded } from '../machine/seeded';
import type { InfeedPass } from './learn';
import type { Lore } from './lore';
import type { PastApproach } from './shown';
import { nextInfeed } from './nextInfeed';

/** The whole band of a stand-off of plus or minus 0.25 mm on a slow taper: the target is its far edge, where scrap begins. */
export const TOLERANCE = 0.0126;
/** A 0.02 mm dial that reads diameter, set between its marks. */
const DIVISION = 0.0025;
const MOST = 30;

export interface Outcome {
  /** Infeeds, each measured once after it. */
  readonly passes: number;
  readonly end: 'reached' | 'hold' | 'lost';
  /** Really still on when it was left. */
  readonly left: number;
  /** How many infeeds ended in the band that nine in ten were foretold to. */
  readonly foretold: number;
  /** The way it went, as a lathe's history has it. */
  readonly past: PastApproach;
}

/** Works a piece down to its line by the advice alone; told to hold or to make sure, it is measured again by four readings, and then left. */
export function workToLine(
  faults: ApproachFaults,
  seed: number,
  risk: number,
  { lore, asCut = false }: { readonly lore?: Lore | undefined; readonly asCut?: boolean } = {},
): Outcome {
  const uniform = seeded(seed);
  const lathe = new VirtualApproach(faults, uniform, 0.05 + 0.2 * uniform(), asCut);
  const passes: InfeedPass[] = [];
  let measured = lathe.measure();
  let foretold = 0;
  let tries = 0;
  // Plus or minus is k = 2.
  const ask = (uncertainty: number) =>
    nextInfeed({
      passes,
      target: measured,
      tolerance: TOLERANCE,
      risk,
      division: DIVISION,
      uncertainty,
      lore,
      ...(asCut ? { before: lathe.before, twice: true } : {}),
    });
  const past = (): PastApproach => ({ passes, stock: measured, at: '2026-11-01T10:00:00.000Z' });
  while (passes.length < MOST) {
    let said = ask(2 * faults.measuring);
    if (said.advice === 'hold' || said.move === 'measure') {
      const again = (measured + lathe.measure() + lathe.measure() + lathe.measure()) / 4;
      const last = passes.pop();
      if (last) passes.push({ ...last, removed: (last.removed ?? 0) + measured - again });
      measured = again;
      said = ask(faults.measuring);
    }
    if (said.advice !== 'cut' || lathe.stock < 0)
      return {
        passes: tries,
        end: said.advice === 'reached' ? 'reached' : 'hold',
        left: lathe.stock,
        foretold,
        past: past(),
      };
    lathe.pass(said.infeed);
    if (said.twice) lathe.pass(0);
    if (lathe.stock >= said.prediction.low && lathe.stock <= said.prediction.high) foretold++;
    const now = lathe.measure();
    passes.push({ infeed: said.infeed, ...(said.twice ? {} : { removed: measured - now }) });
    if (said.twice) passes.push({ infeed: 0, removed: measured - now });
    tries++;
    measured = now;
  }
  return { passes: tries, end: 'lost', left: lathe.stock, foretold, past: past() };
}

export function summaryOf(runs: readonly Outcome[]): {
  past: number;
  inside: number;
  held: number;
  median: number;
  /** Infeeds on the average. */
  tries: number;
  most: number;
  foretold: number;
} {
  const share = (test: (r: Outcome) => boolean): number => runs.filter(test).length / runs.length;
  const passes = runs.map((r) => r.passes).sort((a, b) => a - b);
  return {
    past: share((r) => r.left < 0),
    inside: share((r) => r.left >= 0 && r.left <= TOLERANCE),
    held: share((r) => r.end === 'hold'),
    median: passes[runs.length >> 1] ?? 0,
    tries: passes.reduce((sum, n) => sum + n, 0) / passes.length,
    most: passes.at(-1) ?? 0,
    foretold: runs.reduce((sum, r) => sum + r.foretold, 0) / passes.reduce((sum, n) => sum + n, 0),
  };
}
