import { AnelloError } from '../basics/error';
import { finite } from '../basics/check';

/** What a reading is of: the figure itself, a diameter read as its radius, or a radius read as its diameter. */
export const READS = ['itself', 'double', 'half'] as const;
export type Reads = (typeof READS)[number];
const FACTOR: Readonly<Record<Reads, number>> = { itself: 1, double: 2, half: 0.5 };

/** How an instrument stands in use: what has to be done to what it shows, to have the figure. */
export interface InstrumentUse {
  /** What it shows where the figure is nothing, mm. */
  readonly zero: number;
  /** It counts the other way round. */
  readonly against: boolean;
  /** What the figure is of what it shows: twice it, where it shows a radius and a diameter is asked for. */
  readonly reads: Reads;
  /** Between a lever's arm and the face that it touches, rad; 0 of a plunger, and of a lever that lies along the face. */
  readonly contactAngle: number;
}

/** As it comes out of its box. */
export const PLAIN_USE: InstrumentUse = { zero: 0, against: false, reads: 'itself', contactAngle: 0 };

/** Further over than this a lever skids: makers name 60° at the very most. */
export const STEEPEST_LEVER = Math.PI / 3;

/**
 * The figure that an instrument's reading stands for, mm: from its zero, in its direction, a lever's arc taken down to the
 * way that the face moved (its cosine), and doubled or halved. Errors: not-finite; out-of-range (contactAngle).
 *
 * @example
 * figureOf({ zero: 1, against: true, reads: 'double', contactAngle: Math.PI / 3 }, 1.4)
 * // → -0.4
 */
export function figureOf(use: InstrumentUse, shown: number): number {
  finite(shown, 'shown');
  finite(use.zero, 'zero');
  return factorOf(use) * (shown - use.zero);
}

/**
 * What an instrument shows where the figure is so much: the other way round of figureOf. Errors: as figureOf.
 *
 * @example
 * shownOf({ zero: 1, against: true, reads: 'double', contactAngle: Math.PI / 3 }, -0.4)
 * // → 1.4
 */
export function shownOf(use: InstrumentUse, figure: number): number {
  finite(figure, 'figure');
  finite(use.zero, 'zero');
  return use.zero + figure / factorOf(use);
}

function factorOf({ against, reads, contactAngle }: InstrumentUse): number {
  finite(contactAngle, 'contactAngle');
  if (contactAngle < 0 || contactAngle > STEEPEST_LEVER + 1e-9)
    throw new AnelloError(
      'out-of-range',
      'contactAngle',
      'A lever reads up to 60° from the face; further over it skids.',
    );
  return (against ? -1 : 1) * FACTOR[reads] * Math.cos(contactAngle);
}
