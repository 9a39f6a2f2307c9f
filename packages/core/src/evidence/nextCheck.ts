import type { Phrase } from '../phrase/phrase';
import type { Member } from '../way/way';
import type { Cause } from './causes';
import type { Evidence, EvidenceKind } from './evidence';

interface Check {
  readonly kind: EvidenceKind;
  readonly ask: string;
  /** How each outcome of the check would come, were this the cause. */
  outcomes(cause: Cause, member: Member): readonly number[];
}

const isAngle = (cause: Cause): boolean => cause.id === 'too-steep' || cause.id === 'too-shallow';

const CHECKS: readonly Check[] = [
  {
    kind: 'bands',
    ask: 'Blue it thinly, push it home without turning, and look where it marks.',
    outcomes: (cause, member) => Object.values(cause.bands(member)),
  },
  {
    kind: 'shake',
    ask: 'Push it home and feel for shake at each end.',
    outcomes: (cause, member) => Object.values(cause.shake(member)),
  },
  {
    kind: 'rock',
    ask: 'Clock it while it is rocked by hand: the end it turns about, and how far it swings.',
    outcomes: (cause, member) => {
      const end = cause.touches(member);
      return end === null
        ? [0.06, 0.06, 0.88]
        : [end === 'large' ? 0.85 : 0.06, end === 'small' ? 0.85 : 0.06, 0.09];
    },
  },
  {
    kind: 'measured',
    ask: 'Measure the taper itself: two diameters, rollers or balls, or sweep it with the indicator; a bow in the sweep is tool height or a worn bar.',
    outcomes: (cause) =>
      isAngle(cause)
        ? [cause.id === 'too-steep' ? 0.85 : 0.05, cause.id === 'too-shallow' ? 0.85 : 0.05, 0.1, 0.02]
        : cause.id === 'hollow' || cause.id === 'barrelled' || cause.id === 'flat'
          ? [0.08, 0.08, 0.14, 0.7]
          : [0.05, 0.05, 0.85, 0.05],
  },
  {
    kind: 'sticks',
    ask: 'Wipe both dry, push it home by hand and see whether it sticks.',
    outcomes: (cause) => [cause.sticks, 1 - cause.sticks],
  },
];

/** How far apart two causes' outcomes lie: half the sum of differences, 0 to 1. */
function parts(check: Check, a: Cause, b: Cause, member: Member): number {
  const [ofA, ofB] = [check.outcomes(a, member), check.outcomes(b, member)];
  return ofA.reduce((sum, p, i) => sum + Math.abs(p - (ofB[i] ?? 0)), 0) / 2;
}

/** Checks that part two causes less than this are not worth making. */
const WORTH = 0.2;

/** The check not made yet that would best tell two causes apart; null when none would. */
export function nextCheck(a: Cause, b: Cause, member: Member, made: readonly Evidence[]): Phrase | null {
  const kinds = new Set(made.map((e) => e.kind));
  const [best] = CHECKS.filter((c) => !kinds.has(c.kind))
    .map((check) => ({ check, parts: parts(check, a, b, member) }))
    .sort((x, y) => y.parts - x.parts);
  return best && best.parts > WORTH ? [best.check.ask] : null;
}
