import type { Member } from '../way/way';
import type { ConeEnd, Evidence, Marked } from './evidence';

/** What can be wrong with the shape of a cone, or nothing. */
export const CAUSE_IDS = [
  'right',
  'too-steep',
  'too-shallow',
  'hollow',
  'barrelled',
  'flat',
  'burr',
] as const;
export type CauseId = (typeof CAUSE_IDS)[number];

/** How likely each thing is to be seen, were this the cause: what is believed before anything is tried. */
export interface Cause {
  readonly id: CauseId;
  readonly title: Readonly<Record<Member, string>>;
  /** How often it is met. */
  readonly met: number;
  readonly next: string;
  bands(member: Member): Readonly<Record<Marked, number>>;
  shake(member: Member): Readonly<Record<ConeEnd | 'both' | 'none', number>>;
  /** Chance that, pushed home by hand, a self-holding taper sticks. */
  readonly sticks: number;
  /** The end a rocking part touches at, or null where it does not rock about an end. */
  touches(member: Member): ConeEnd | null;
}

const other = (end: ConeEnd): ConeEnd => (end === 'large' ? 'small' : 'large');
/** A shank too steep touches at its large end; a bore too steep at its small end; and the other way about. */
const steepTouches = (member: Member): ConeEnd => (member === 'external' ? 'large' : 'small');

const few = { large: 0.03, small: 0.03, middle: 0.03, ends: 0.03, 'two-bands': 0.03, spot: 0.03, full: 0.03 };
const atEnd = (end: ConeEnd): Record<Marked, number> => ({ ...few, full: 0.06, spot: 0.08, [end]: 0.74 });
const looseAt = (end: ConeEnd): Record<ConeEnd | 'both' | 'none', number> => ({
  large: 0.04,
  small: 0.04,
  both: 0.04,
  none: 0.12,
  [end]: 0.8,
});

function wrongAngle(id: 'too-steep' | 'too-shallow'): Cause {
  const touches = (member: Member): ConeEnd =>
    id === 'too-steep' ? steepTouches(member) : other(steepTouches(member));
  const word = id === 'too-steep' ? 'too steep' : 'too shallow';
  return {
    id,
    title: { external: `The shank is ${word}.`, internal: `The bore is ${word}.` },
    met: 1,
    next:
      id === 'too-steep'
        ? 'Bring the setting back to a smaller angle.'
        : 'Bring the setting on to a larger angle.',
    bands: (member) => atEnd(touches(member)),
    shake: (member) => looseAt(other(touches(member))),
    sticks: 0.2,
    touches,
  };
}

/** Every cause, in the order they are shown when nothing tells them apart. */
export const CAUSES: readonly Cause[] = [
  {
    id: 'right',
    title: { external: 'The angle is right.', internal: 'The angle is right.' },
    met: 1,
    next: 'Leave the setting alone: only size is left.',
    bands: () => ({ ...few, full: 0.82 }),
    shake: () => ({ large: 0.02, small: 0.02, both: 0.02, none: 0.94 }),
    sticks: 0.92,
    touches: () => null,
  },
  wrongAngle('too-steep'),
  wrongAngle('too-shallow'),
  {
    id: 'hollow',
    title: { external: 'The shank is hollow.', internal: 'The bore is tight in the middle.' },
    met: 0.4,
    next: 'Leave the angle. Set the tool exactly to centre height and take a light cut.',
    bands: (member) =>
      member === 'external' ? { ...few, ends: 0.62, 'two-bands': 0.23 } : { ...few, middle: 0.82 },
    shake: (member) =>
      member === 'external'
        ? { large: 0.08, small: 0.08, both: 0.04, none: 0.8 }
        : { large: 0.15, small: 0.15, both: 0.5, none: 0.2 },
    sticks: 0.5,
    touches: () => null,
  },
  {
    id: 'barrelled',
    title: { external: 'The shank is barrelled.', internal: 'The bore is full in the middle.' },
    met: 0.4,
    next: 'Leave the angle. Look for a worn bar or a springing tool; take spring cuts.',
    bands: (member) =>
      member === 'external' ? { ...few, middle: 0.82 } : { ...few, ends: 0.62, 'two-bands': 0.23 },
    shake: (member) =>
      member === 'external'
        ? { large: 0.15, small: 0.15, both: 0.5, none: 0.2 }
        : { large: 0.08, small: 0.08, both: 0.04, none: 0.8 },
    sticks: 0.4,
    touches: () => null,
  },
  {
    id: 'flat',
    title: { external: 'There is a flat from lash.', internal: 'There is a flat from lash.' },
    met: 0.3,
    next: 'Take the lash up before the cone: start the carriage further back. Leave the angle.',
    bands: () => ({ ...few, 'two-bands': 0.6, ends: 0.16, large: 0.08, small: 0.08 }),
    shake: () => ({ large: 0.15, small: 0.15, both: 0.1, none: 0.6 }),
    sticks: 0.4,
    touches: () => null,
  },
  {
    id: 'burr',
    title: {
      external: 'A burr, a bruise or dirt holds it off.',
      internal: 'A burr, a bruise or dirt holds it off.',
    },
    met: 0.3,
    next: 'Clean both, stone the bruise down, and try again before anything is cut.',
    bands: () => ({ ...few, spot: 0.76, large: 0.08 }),
    shake: () => ({ large: 0.25, small: 0.25, both: 0.25, none: 0.25 }),
    sticks: 0.15,
    touches: () => null,
  },
];

/** Chance that a part rocking about an end is found under a cause that says otherwise. */
const ROCKS_ANYWAY = 0.06;
const ROCKS_RIGHT = 0.85;

/** How likely a piece of evidence is under a cause; sizes say nothing about shape. `z` is how many bands a measured ratio lies off. */
export function likelihood(
  cause: Cause,
  member: Member,
  evidence: Evidence,
  z: (ratio: {
    ratio: number;
    uncertainty: number;
  }) => Readonly<Record<'steep' | 'right' | 'shallow', number>>,
): number {
  switch (evidence.kind) {
    case 'bands':
      return cause.bands(member)[evidence.where];
    case 'shake':
      return cause.shake(member)[evidence.where];
    case 'sticks':
      return evidence.holds ? cause.sticks : 1 - cause.sticks;
    case 'rock': {
      const end = cause.touches(member);
      return end === evidence.touches ? ROCKS_RIGHT : ROCKS_ANYWAY;
    }
    case 'measured': {
      const by = z(evidence);
      if (cause.id === 'too-steep') return by.steep;
      return cause.id === 'too-shallow' ? by.shallow : by.right;
    }
    case 'stand-off':
      return 1;
  }
}
