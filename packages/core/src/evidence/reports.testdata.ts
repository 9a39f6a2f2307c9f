import { normalFrom, seeded } from '../machine/seeded';
import { ratioOf } from '../taper/solve';
import { CONTACTS } from '../gauging/contact';
import type { Member } from '../taper/task';
import type { CauseId } from './causes/cause';
import type { Evidence, EvidenceKind, Marked, Shaken } from './evidence';
import { fitEvidence } from './fitEvidence';
import { posterior } from './posterior';

export const halfAngle = Math.atan(1 / 19.922 / 2);
export const band = 4e-5;
export const LENGTH = 80;
export const fit = (evidence: readonly Evidence[], member: Member = 'external') =>
  fitEvidence({ member, evidence, halfAngle, band, length: LENGTH });
export const top = (evidence: readonly Evidence[], member?: Member) => fit(evidence, member).causes[0]!.cause;

/** What a shank or bore that is out by an angle shows in a true mate, worked from the gap between the two cones. */
export function shown(member: Member, error: number, distance = 70): Evidence[] {
  const slope = Math.tan(halfAngle);
  const made = Math.tan(halfAngle + error);
  // Radii along the cone from its large end, the part moved in until one end first touches.
  const gapAt = (z: number): number => (member === 'external' ? z * made - z * slope : z * slope - z * made);
  const touches = gapAt(0) < gapAt(80) ? ('large' as const) : ('small' as const);
  const loose = touches === 'large' ? ('small' as const) : ('large' as const);
  const swing = distance * 2 * Math.abs(made - slope);
  return [
    { kind: 'bands', where: touches },
    { kind: 'shake', where: loose },
    { kind: 'rock', touches, swing, distance },
  ];
}

/**
 * A shop for proof: a cone with a fault of a size drawn otherwise than the weighing has it, and what is reported of it by
 * a marker and a hand whose thresholds differ from try to try, with slips, and with tries that deceive as a whole.
 */
export function tried(uniform: () => number): { truth: CauseId; evidence: Evidence[]; member: Member } {
  const member: Member = uniform() < 0.5 ? 'external' : 'internal';
  const one = (): { truth: CauseId; evidence: Evidence[] } => {
    const truth = drawn(uniform, member);
    return { truth, evidence: reports(truth, member, uniform) };
  };
  const { truth, evidence } = one();
  // A try that deceives reports of another cone than the one in hand; what is measured is still the cone's own.
  const tryOf = uniform() < 0.05 ? one().evidence : evidence;
  return { truth, member, evidence: [...tryOf.slice(0, -1), evidence.at(-1)!] };
}

/** Reports that go with nothing. */
export function anything(uniform: () => number): Evidence[] {
  const pick = <T>(of: readonly T[]): T => of[Math.floor(uniform() * of.length)]!;
  return [
    { kind: 'bands', where: pick(CONTACTS) },
    { kind: 'shake', where: pick(['large', 'small', 'both', 'none']) },
    { kind: 'sticks', holds: uniform() < 0.5 },
    { kind: 'rock', touches: pick(['large', 'small']), swing: 0.05 * uniform(), distance: 70 },
    { kind: 'measured', ratio: ratioOf(halfAngle) * (0.98 + 0.04 * uniform()), uncertainty: 1e-4 },
  ];
}

export const MET: readonly [CauseId, number, number][] = [
  ['right', 0.3, 0.28],
  ['too-steep', 0.18, 0.16],
  ['too-shallow', 0.18, 0.16],
  ['hollow', 0.08, 0.07],
  ['barrelled', 0.07, 0.08],
  ['flat', 0.07, 0.06],
  ['bell-mouth', 0.01, 0.09],
  ['wave', 0.03, 0.03],
  ['chatter', 0.03, 0.03],
  ['burr', 0.05, 0.04],
  ['none', 0.01, 0.01],
];
export function drawn(uniform: () => number, member: Member): CauseId {
  let left = uniform() * MET.reduce((sum, m) => sum + m[member === 'external' ? 1 : 2], 0);
  for (const [cause, outside, inside] of MET) {
    left -= member === 'external' ? outside : inside;
    if (left <= 0) return cause;
  }
  return 'right';
}

export function reports(truth: CauseId, member: Member, uniform: () => number): Evidence[] {
  const pick = <T>(of: readonly T[]): T => of[Math.floor(uniform() * of.length)]!;
  const lognormal = (middle: number, spread: number) => middle * Math.exp(spread * normalFrom(uniform));
  const steep = truth === 'too-steep';
  const isAngle = steep || truth === 'too-shallow';
  const bands = isAngle ? 1 + 7 * -Math.log(1 - uniform()) : uniform();
  const angle = (isAngle ? (steep ? 1 : -1) : uniform() < 0.5 ? 1 : -1) * bands * band;
  const touches = (member === 'external') === angle > 0 ? ('large' as const) : ('small' as const);
  const loose = touches === 'large' ? ('small' as const) : ('large' as const);
  const gap = isAngle || truth === 'right' ? 2 * Math.abs(angle) * LENGTH : lognormal(0.018, 0.8);
  const bare = gap > lognormal(0.0065, 0.6);
  const shakes = gap > lognormal(0.02, 0.6);
  const rings: Marked = uniform() < 0.7 ? 'ends' : 'two-bands';
  const onRings = truth === (member === 'external' ? 'hollow' : 'barrelled');
  const onMiddle = truth === (member === 'external' ? 'barrelled' : 'hollow');
  const where: Marked = !bare
    ? 'full'
    : isAngle || truth === 'right'
      ? touches
      : onRings
        ? rings
        : onMiddle
          ? 'middle'
          : (({
              flat: uniform() < 0.75 ? 'two-bands' : 'ends',
              'bell-mouth': 'all-but-large',
              wave: 'rings',
              chatter: 'speckled',
            }[truth as string] as Marked | undefined) ?? 'spot');
  const feels: Shaken = !shakes
    ? 'none'
    : isAngle || truth === 'right'
      ? loose
      : onMiddle
        ? pick(['both', 'both', 'large', 'small'])
        : truth === 'bell-mouth'
          ? pick(['large', 'none'])
          : truth === 'burr'
            ? pick(['large', 'small', 'both'])
            : truth === 'flat'
              ? pick(['none', 'none', 'large', 'small'])
              : 'none';
  const sticks = gap < lognormal(0.02, 0.7) ? uniform() < 0.95 : uniform() < 0.1;
  const slip = <T>(told: T, any: readonly T[]): T => (uniform() < 0.04 ? pick(any) : told);
  const swing =
    isAngle || truth === 'right'
      ? 2 * Math.abs(angle) * 70
      : feels !== 'none' // what shakes rocks
        ? -0.03 * Math.log(1 - uniform())
        : 0;
  const ends = ['large', 'small'] as const;
  if (truth === 'none') return anything(uniform);
  return [
    { kind: 'bands', where: slip(where, CONTACTS) },
    { kind: 'shake', where: slip(feels, ['large', 'small', 'both', 'none']) },
    { kind: 'sticks', holds: slip(sticks, [true, false]) },
    {
      kind: 'rock',
      touches: slip(swing > 0.01 && gap > 0 && (isAngle || truth === 'right') ? touches : pick(ends), ends),
      swing: Math.max(0, swing + 0.005 * normalFrom(uniform)),
      distance: 70,
    },
    {
      kind: 'measured',
      ratio: ratioOf(halfAngle + (isAngle || truth === 'right' ? angle : 0)) + 5e-5 * normalFrom(uniform),
      uncertainty: 1e-4,
    },
  ];
}

/** The cause believed most, without the words. */
export function believed(evidence: readonly Evidence[], member: Member): { cause: CauseId; belief: number } {
  const sums = new Map<CauseId, number>();
  for (const { possibility, belief } of posterior(evidence, { member, halfAngle, band, length: LENGTH }))
    sums.set(possibility.cause, (sums.get(possibility.cause) ?? 0) + belief);
  return [...sums].map(([cause, belief]) => ({ cause, belief })).sort((a, b) => b.belief - a.belief)[0]!;
}

export const TRIES = 9000;
export const shop = (seed: number) => {
  const uniform = seeded(seed);
  return Array.from({ length: TRIES }, () => tried(uniform));
};
export const SETS: Readonly<Record<string, readonly EvidenceKind[]>> = {
  'the marking alone': ['bands'],
  'marking and shake': ['bands', 'shake'],
  'all by hand': ['bands', 'shake', 'sticks', 'rock'],
  'all of it': ['bands', 'shake', 'sticks', 'rock', 'measured'],
};
