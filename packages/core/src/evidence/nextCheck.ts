import { below } from '../infeed/normal';
import type { Phrase } from '../figure/phrase';
import type { CauseId } from './causes/cause';
import type { Evidence, EvidenceKind } from './evidence';
import type { Weighed } from './posterior';
import type { Possibility, Wanted } from './likelihood';

interface Check {
  readonly kind: EvidenceKind;
  readonly ask: string;
  /** How likely each outcome is, were this the fault. */
  outcomes(possibility: Possibility, wanted: Wanted): Readonly<Record<string, number>>;
}

/** Outcomes that say nothing come this often anyway. */
const SLIPS = 0.09;
/** A swing under this is not told from the needle's unrest, mm. */
const SWING_TOLD = 0.01;
/** Measured with care, an angle is told to about half of its band. */
const MEASURED_TO = 0.5;
/** A sweep while it is measured shows a bow, a step or a wave this often. */
const SWEEP_SHOWS = 0.75;
const SHAPES: readonly CauseId[] = ['hollow', 'barrelled', 'flat', 'bell-mouth', 'wave', 'chatter'];

const CHECKS: readonly Check[] = [
  {
    kind: 'bands',
    ask: 'Blue it thinly, push it home without turning, and look where it marks.',
    outcomes: ({ fault }) => fault.reports.bands,
  },
  {
    kind: 'shake',
    ask: 'Push it home and feel for shake at each end.',
    outcomes: ({ fault }) => fault.reports.shake,
  },
  {
    kind: 'rock',
    ask: 'Clock it while it is rocked by hand: the end it turns about, and how far it swings.',
    outcomes: ({ fault }, { length }) => {
      const swing = 2 * Math.abs(fault.angle) * length;
      const told =
        fault.reports.touches === null ? 0 : below(Math.log(Math.max(swing, 1e-9) / SWING_TOLD) / 0.5);
      const loose = fault.reports.touches === null ? 1 - (fault.reports.shake.none ?? 0) : 0;
      return { [fault.reports.touches ?? 'middle']: told, middle: loose, still: 1 - told - loose };
    },
  },
  {
    kind: 'measured',
    ask: 'Measure the taper itself: two diameters, rollers or balls, or sweep it with the indicator; a bow in the sweep is tool height or a worn bar.',
    outcomes: ({ cause, fault }, { band }) => {
      const steep = below((fault.angle / band - 1.1) / MEASURED_TO);
      const shallow = below((-fault.angle / band - 1.1) / MEASURED_TO);
      const bent = SHAPES.includes(cause) ? SWEEP_SHOWS * (1 - (fault.reports.bands.full ?? 0)) : 0;
      return {
        steep: (1 - bent) * steep,
        shallow: (1 - bent) * shallow,
        [`bent ${cause}`]: bent,
        right: (1 - bent) * (1 - steep - shallow),
      };
    },
  },
  {
    kind: 'sticks',
    ask: 'Wipe both dry, push it home by hand and see whether it sticks.',
    outcomes: ({ fault }) => ({ holds: fault.reports.sticks, slips: 1 - fault.reports.sticks }),
  },
  {
    kind: 'warmer',
    ask: 'Feel whether part and gauge are as warm as each other; let them lie together if they are not.',
    outcomes: ({ cause }) => (cause === 'warm' ? { apart: 1 } : { alike: 1 }),
  },
];

/** Chance that the cause then believed most is the one, before the check is made and its outcome known. */
function toldRight(check: Check, weighed: readonly Weighed[], wanted: Wanted): number {
  const joint = new Map<string, Map<CauseId, number>>();
  const add = (outcome: string, cause: CauseId, part: number): void => {
    const row = joint.get(outcome) ?? new Map<CauseId, number>();
    row.set(cause, (row.get(cause) ?? 0) + part);
    joint.set(outcome, row);
  };
  for (const { possibility, belief } of weighed) {
    for (const [outcome, chance] of Object.entries(check.outcomes(possibility, wanted)))
      add(outcome, possibility.cause, belief * chance * (1 - SLIPS));
    add('slip', possibility.cause, belief * SLIPS);
  }
  return [...joint.values()].reduce((sum, row) => sum + Math.max(...row.values()), 0);
}

/** A check must raise the chance of naming the cause rightly by this, or it is not worth making. */
const WORTH = 0.02;

/**
 * The check not made yet after which the cause would be named rightly most often, by what is believed now; null when none
 * raises that chance by much.
 */
export function nextCheck(
  weighed: readonly Weighed[],
  wanted: Wanted,
  made: readonly Evidence[],
): Phrase | null {
  const found = bestCheck(weighed, wanted, new Set(made.map((e) => e.kind)));
  return found ? [found.ask] : null;
}

/** The kind of evidence that check brings, and the chance it is expected to raise naming the cause rightly to. */
export function bestCheck(
  weighed: readonly Weighed[],
  wanted: Wanted,
  made: ReadonlySet<EvidenceKind>,
): { readonly kind: EvidenceKind; readonly ask: string; readonly toldRight: number } | null {
  const causes = new Map<CauseId, number>();
  for (const { possibility, belief } of weighed)
    causes.set(possibility.cause, (causes.get(possibility.cause) ?? 0) + belief);
  const now = Math.max(...causes.values());
  const [best] = CHECKS.filter((c) => !made.has(c.kind))
    .map(({ kind, ask, ...check }) => ({
      kind,
      ask,
      toldRight: toldRight({ kind, ask, ...check }, weighed, wanted),
    }))
    .sort((a, b) => b.toldRight - a.toldRight);
  return best && best.toldRight > now + WORTH ? best : null;
}
