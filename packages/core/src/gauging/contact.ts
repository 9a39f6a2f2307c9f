import type { Member } from '../way/way';

/** Where the marking shows on the part after a try in its mate. */
export const CONTACTS = ['large', 'small', 'middle', 'ends', 'full', 'two-bands', 'spot'] as const;
export type Contact = (typeof CONTACTS)[number];

/** What a contact picture says is wrong with the part being made. */
export interface ContactCause {
  readonly cause: 'too-steep' | 'too-shallow' | 'barrelled' | 'hollow' | 'flat' | 'burr' | 'angle-right';
  readonly headline: string;
  readonly reason: string;
  readonly next: string;
}

const RIGHT: ContactCause = {
  cause: 'angle-right',
  headline: 'The angle is right.',
  reason: 'Marked from end to end with no shake: the two cones agree.',
  next: 'Only size is left. Leave the setting alone.',
};

const FLAT: ContactCause = {
  cause: 'flat',
  headline: 'There is a flat in the cone.',
  reason:
    'Two bands with a clear step between: the tool ran parallel for a while, as lash or a bumped handle makes it.',
  next: 'Leave the angle. Take the lash up before the cone and cut it again.',
};
const BURR: ContactCause = {
  cause: 'burr',
  headline: 'Something holds it off in one spot.',
  reason: 'A single spot is a burr, a bruise or dirt, not a shape the lathe makes.',
  next: 'Clean both, stone the bruise down, and try again before anything is cut.',
};

const EXTERNAL: Record<Contact, ContactCause> = {
  full: RIGHT,
  'two-bands': FLAT,
  spot: BURR,
  large: {
    cause: 'too-steep',
    headline: 'The shank is too steep.',
    reason: 'It binds at the large end and hangs free at the small end.',
    next: 'Bring the setting back to a smaller angle.',
  },
  small: {
    cause: 'too-shallow',
    headline: 'The shank is too shallow.',
    reason: 'It binds at the small end and hangs free at the large end.',
    next: 'Bring the setting on to a larger angle.',
  },
  middle: {
    cause: 'barrelled',
    headline: 'The shank is barrelled.',
    reason:
      'Touching in the middle alone is a bulge, not an angle: a bar worn in the middle, or the work springing away from its ends.',
    next: 'Leave the angle. Sweep the cone for a bow, take lighter cuts.',
  },
  ends: {
    cause: 'hollow',
    headline: 'The shank is hollow.',
    reason: 'Touching at both ends with the middle clear: a tool off centre height leaves a hollow cone.',
    next: 'Leave the angle. Set the tool exactly to centre height and take a cut.',
  },
};

const INTERNAL: Record<Contact, ContactCause> = {
  full: RIGHT,
  'two-bands': FLAT,
  spot: BURR,
  large: {
    cause: 'too-shallow',
    headline: 'The bore is too shallow.',
    reason: 'The plug binds at the mouth and hangs free at the bottom: the bore opens too slowly.',
    next: 'Bring the setting on to a larger angle.',
  },
  small: {
    cause: 'too-steep',
    headline: 'The bore is too steep.',
    reason: 'The plug binds at the small end and is loose at the mouth.',
    next: 'Bring the setting back to a smaller angle.',
  },
  middle: {
    cause: 'hollow',
    headline: 'The bore is tight in the middle.',
    reason: 'Touching in the middle alone: a tool off centre height, or a bar springing at its ends.',
    next: 'Leave the angle. Set the tool exactly to centre height and take a light cut.',
  },
  ends: {
    cause: 'barrelled',
    headline: 'The bore is full in the middle.',
    reason:
      'Touching at both ends with the middle clear: the bore bellies out, from a worn bar or a springing tool.',
    next: 'Leave the angle. Take spring cuts without feeding in, then try again.',
  },
};

/** What a contact picture means for a shank (external) or a socket (internal). */
export function readContact(member: Member, contact: Contact): ContactCause {
  return (member === 'external' ? EXTERNAL : INTERNAL)[contact];
}
