import { below } from '../infeed/normal';
import { ratioOf } from '../taper/solve';
import type { Fault, CauseId, Setting } from './causes/cause';
import { CAUSES } from './causes/registry';
import type { Evidence } from './evidence';

/** One fault of one cause with how much it is believed before anything is seen. */
export interface Possibility {
  readonly cause: CauseId;
  readonly fault: Fault;
  readonly prior: number;
}

export interface Wanted extends Setting {
  /** What the cone should be, rad, where it is known. */
  readonly halfAngle: number | undefined;
}

let last: { readonly key: string; readonly all: readonly Possibility[] } | null = null;

/** Every fault of every cause, weighed by how often it is met. The last answer is kept: one job asks the same again. */
export function possibilitiesOf({ member, band, length }: Setting): readonly Possibility[] {
  const key = `${member} ${band} ${length}`;
  if (last?.key === key) return last.all;
  const whole = CAUSES.reduce((sum, c) => sum + c.met[member], 0);
  const all = CAUSES.flatMap((cause) =>
    cause
      .faults({ member, band, length })
      .map((fault) => ({ cause: cause.id, fault, prior: (cause.met[member] / whole) * fault.weight })),
  );
  last = { key, all };
  return all;
}

/** A report is a slip of eye or hand, and says nothing, about this often. */
const SLIPS = 0.04;
/** How often each report is given when it says nothing. */
const BASE = { bands: 0.1, shake: 0.25 } as const;
/** A clocked swing is read to about this (one standard deviation), mm; the wrong end is named this often. */
const SWING_SIGMA = 0.005;
const WRONG_END = 0.06;
/** A swing that comes of no angle is about this large, mm. */
const LOOSE_SWING = 0.03;
/** A measured taper is wrong altogether about this often, and then anywhere within this many bands. */
const MISMEASURED = 0.03;
const ANYWHERE = 60;
/** A difference of temperature that matters, °C: under it a part is as cool as its gauge. */
const AS_WARM = 3;
/** A hand or a thermometer tells that rightly this often. */
const TOLD_WARM = 0.97;

const normal = (x: number, sigma: number): number =>
  Math.exp(-0.5 * (x / sigma) ** 2) / (sigma * Math.sqrt(2 * Math.PI));

/** How likely a piece of evidence is, were this the fault. Sizes say nothing about shape. */
export function likelihood(
  { cause, fault }: Possibility,
  evidence: Evidence,
  { halfAngle, band }: Wanted,
): number {
  const { reports } = fault;
  switch (evidence.kind) {
    case 'bands':
      return (1 - SLIPS) * (reports.bands[evidence.where] ?? 0) + SLIPS * BASE.bands;
    case 'shake':
      return (1 - SLIPS) * (reports.shake[evidence.where] ?? 0) + SLIPS * BASE.shake;
    case 'sticks':
      return (1 - SLIPS) * (evidence.holds ? reports.sticks : 1 - reports.sticks) + SLIPS / 2;
    case 'rock':
      return rockLikelihood(fault, cause, evidence);
    case 'measured': {
      if (halfAngle === undefined) return 1;
      const [from, to] = [ratioOf(halfAngle + fault.angleFrom), ratioOf(halfAngle + fault.angleTo)];
      const anywhere = 1 / (2 * ANYWHERE * band);
      return (
        (1 - MISMEASURED) * spreadOver(from, to, evidence.ratio, evidence.uncertainty / 2) +
        MISMEASURED * anywhere
      );
    }
    case 'warmer': {
      const apart = Math.abs(evidence.by) > AS_WARM;
      return (cause === 'warm') === apart ? TOLD_WARM : 1 - TOLD_WARM;
    }
    case 'stand-off':
      return 1;
  }
}

/** Density of a reading with this standard deviation of what lies anywhere between two figures. */
const spreadOver = (from: number, to: number, seen: number, sigma: number): number =>
  (below((seen - from) / sigma) - below((seen - to) / sigma)) / (to - from);

function rockLikelihood(
  { angle, angleFrom, angleTo, reports }: Fault,
  cause: CauseId,
  { touches, swing, distance }: Extract<Evidence, { kind: 'rock' }>,
): number {
  const loose = Math.exp(-swing / LOOSE_SWING) / LOOSE_SWING;
  if (cause === 'none') return 0.5 * loose;
  const expected = 2 * Math.abs(angle) * distance;
  // A swing hardly larger than the needle's own unrest has no end it turns about.
  const told = expected / (expected + 2 * SWING_SIGMA);
  const end = reports.touches === touches ? 1 - WRONG_END : WRONG_END;
  const named = reports.touches === null ? 0.5 : told * end + (1 - told) * 0.5;
  const size =
    reports.touches === null
      ? looseOrStill(reports, swing, loose)
      : spreadOver(...swings(angleFrom, angleTo, distance), swing, SWING_SIGMA);
  return (1 - SLIPS) * named * size + SLIPS * 0.5 * loose;
}

/** The least and the most it swings between two angles; a hair apart at least. */
function swings(from: number, to: number, distance: number): [number, number] {
  const [a, b] = [2 * Math.abs(from) * distance, 2 * Math.abs(to) * distance];
  return [Math.min(a, b), Math.max(a, b, Math.min(a, b) + 1e-6)];
}

/** A shape with nothing wrong in its angle rocks where it is loose, by anything, and stands still where it is firm. */
function looseOrStill(reports: Fault['reports'], swing: number, loose: number): number {
  const rocks = (reports.shake.both ?? 0) + (reports.shake.large ?? 0) + (reports.shake.small ?? 0);
  return rocks * loose + (1 - rocks) * 2 * normal(swing, SWING_SIGMA);
}
