import { AnelloError } from '../basics/error';
import type { Contact } from './contact';
import { readContact } from './contact';
import { ratioErrorFromSwing } from './ratioErrorFromSwing';
import type { Member } from '../way/way';

export interface ContactEvidence {
  readonly member: Member;
  readonly contact: Contact;
  readonly halfAngle: number;
  /** Total swing clocked at the loose end, mm, and how far that is from the contact. */
  readonly swing?: number | undefined;
  readonly distance?: number | undefined;
  /** Half-angle band that is good enough: the first trial step when nothing was clocked. */
  readonly band: number;
}

export interface AngleEstimate {
  /** What the cone's half angle is now, as far as the evidence goes. */
  readonly halfAngle: number;
  /** Clocked, or only a trial step because nothing was measured. */
  readonly basis: 'clocked' | 'trial-step' | 'none';
}

/**
 * What the part's half angle stands at, from a contact picture and, where it was clocked, the swing at
 * the loose end: the ratio is out by swing / distance. Without a figure the step is one band, the
 * least that can matter. Middle, ends and full say nothing about the angle.
 */
export function angleFromContact(evidence: ContactEvidence): AngleEstimate {
  const { cause } = readContact(evidence.member, evidence.contact);
  if (cause !== 'too-steep' && cause !== 'too-shallow')
    return { halfAngle: evidence.halfAngle, basis: 'none' };
  const sign = cause === 'too-steep' ? 1 : -1;
  if (evidence.swing === undefined || evidence.distance === undefined) {
    return { halfAngle: evidence.halfAngle + sign * evidence.band, basis: 'trial-step' };
  }
  const { ratioError } = ratioErrorFromSwing({ swing: evidence.swing, distance: evidence.distance });
  const whole = 2 * Math.tan(evidence.halfAngle);
  if (ratioError >= whole) {
    throw new AnelloError(
      'impossible',
      'swing',
      'That much swing is more than the whole taper: check the figure and the distance.',
    );
  }
  const slope = (whole + sign * ratioError) / 2;
  return { halfAngle: Math.atan(slope), basis: 'clocked' };
}
