import { AnelloError } from '../basics/error';
import { angleOfSide, MAX_HALF_ANGLE, notNegative, positive } from '../basics/check';
import { length, ratio as ratioFigure } from '../figure/figure';

export interface TaperGivens {
  readonly largeDiameter?: number | undefined;
  readonly smallDiameter?: number | undefined;
  readonly length?: number | undefined;
  /** (large - small) / length. */
  readonly ratio?: number | undefined;
  readonly halfAngle?: number | undefined;
}

export interface SolvedTaper {
  readonly largeDiameter: number;
  readonly smallDiameter: number;
  readonly length: number;
  readonly ratio: number;
  readonly halfAngle: number;
}

/** Figures may disagree by half a micrometre on diameter before they are said to: finer than any gauge here. */
export const AGREEMENT = 0.0005;

/**
 * Ratio on diameter of a half angle: 2 tan a.
 *
 * @example
 * ratioOf(0.025)
 * // → 0.0500104
 */
export const ratioOf = (halfAngle: number): number => 2 * Math.tan(angleOfSide(halfAngle));

/**
 * Half angle of a ratio on diameter: atan(ratio / 2).
 *
 * @example
 * halfAngleOf(1 / 20)
 * // → 0.0249948
 */
export const halfAngleOf = (ratio: number): number => Math.atan(ratio / 2);

/**
 * All five figures of a taper from any sufficient ones. Lengths mm along the axis, angles rad.
 * Errors: underdetermined (field = what to give next), inconsistent (with the size of the
 * disagreement on diameter), impossible. Source: large - small = length * 2 tan(half angle).
 *
 * @example
 * solveTaper({ largeDiameter: 23.825, ratio: 1 / 19.922, length: 81 }).smallDiameter
 * // → 19.7591
 */
export function solveTaper(givens: TaperGivens): SolvedTaper {
  checkGivens(givens);
  const ratio = slopeGiven(givens);
  const solved = complete({ ...givens, ratio });
  if (solved.smallDiameter < -AGREEMENT) throw runsToPoint(solved);
  if (solved.length <= 0)
    throw new AnelloError('impossible', 'length', 'The length of the taper must be more than zero.');
  if (solved.halfAngle > MAX_HALF_ANGLE)
    throw new AnelloError(
      'impossible',
      'length',
      'That is a face, not a taper: the half angle must stay under 89°.',
    );
  if (ratio !== undefined) checkAgreement(givens, solved);
  return { ...solved, smallDiameter: Math.max(0, solved.smallDiameter) };
}

function checkGivens(givens: TaperGivens): void {
  if (givens.largeDiameter !== undefined)
    positive(givens.largeDiameter, 'largeDiameter', 'The large diameter');
  if (givens.smallDiameter !== undefined)
    notNegative(givens.smallDiameter, 'smallDiameter', 'The small diameter');
  if (givens.length !== undefined) positive(givens.length, 'length', 'The length');
  if (givens.ratio !== undefined) positive(givens.ratio, 'ratio', 'The ratio');
  if (givens.halfAngle !== undefined) angleOfSide(positive(givens.halfAngle, 'halfAngle', 'The half angle'));
  const { largeDiameter: large, smallDiameter: small } = givens;
  if (large !== undefined && small !== undefined && small >= large) {
    throw new AnelloError('impossible', 'smallDiameter', [
      'The small diameter ',
      length(small),
      ' is not smaller than the large one, ',
      length(large),
      '.',
    ]);
  }
}

/** Without a length the two are held against each other over so much, mm. */
const ANY_LENGTH = 100;

/** The slope from ratio or half angle; where both stand they must agree over the length. */
function slopeGiven({ ratio, halfAngle, length: over = ANY_LENGTH }: TaperGivens): number | undefined {
  if (halfAngle === undefined) return ratio;
  const fromAngle = ratioOf(halfAngle);
  if (ratio === undefined) return fromAngle;
  const off = Math.abs(fromAngle - ratio) * over;
  if (off > AGREEMENT) {
    throw new AnelloError('inconsistent', 'halfAngle', [
      'The half angle makes the ratio ',
      ratioFigure(fromAngle),
      ', not ',
      ratioFigure(ratio),
      ': ',
      length(off, 0.0001),
      ' on diameter over ',
      length(over, 0.1),
      '. Give one of the two.',
    ]);
  }
  return ratio;
}

type Slopes = TaperGivens & { readonly ratio: number | undefined };

function complete({ largeDiameter: large, smallDiameter: small, length: along, ratio }: Slopes): SolvedTaper {
  if (large !== undefined && small !== undefined && along !== undefined) {
    return whole(large, small, along, ratio ?? (large - small) / along);
  }
  if (ratio === undefined) throw missing({ large, small, along });
  if (large !== undefined && along !== undefined) return whole(large, large - ratio * along, along, ratio);
  if (small !== undefined && along !== undefined) return whole(small + ratio * along, small, along, ratio);
  if (large !== undefined && small !== undefined) return whole(large, small, (large - small) / ratio, ratio);
  throw along === undefined && (large !== undefined || small !== undefined)
    ? new AnelloError('underdetermined', 'length', 'Still missing: the length, or the other diameter.')
    : new AnelloError('underdetermined', 'largeDiameter', 'Still missing: one of the two diameters.');
}

function missing(known: {
  large: number | undefined;
  small: number | undefined;
  along: number | undefined;
}): AnelloError {
  const has = Object.values(known).filter((v) => v !== undefined).length;
  if (has < 2)
    return new AnelloError(
      'underdetermined',
      'ratio',
      'Too few figures yet: a diameter, a length and the ratio or the angle are enough.',
    );
  if (known.along === undefined)
    return new AnelloError('underdetermined', 'length', 'Still missing: the length, the ratio or the angle.');
  return new AnelloError(
    'underdetermined',
    'ratio',
    'Still missing: the ratio, the angle or the other diameter.',
  );
}

const whole = (largeDiameter: number, smallDiameter: number, along: number, ratio: number): SolvedTaper => ({
  largeDiameter,
  smallDiameter,
  length: along,
  ratio,
  halfAngle: halfAngleOf(ratio),
});

function runsToPoint(solved: SolvedTaper): AnelloError {
  return new AnelloError('impossible', 'length', [
    'At this taper the part runs out to a point after ',
    length(solved.largeDiameter / solved.ratio, 0.01),
    '.',
  ]);
}

/** With all of large, small, length and slope given, they must meet within AGREEMENT. */
function checkAgreement(givens: TaperGivens, solved: SolvedTaper): void {
  const off = solved.largeDiameter - solved.smallDiameter - solved.ratio * solved.length;
  if (Math.abs(off) <= AGREEMENT) return;
  const should = solved.largeDiameter - solved.ratio * solved.length;
  throw new AnelloError('inconsistent', 'smallDiameter', [
    'These disagree by ',
    length(Math.abs(off), 0.0001),
    ' on diameter: with the other figures the small end comes to ',
    length(should, 0.0001),
    ', not ',
    length(givens.smallDiameter ?? 0, 0.0001),
    '.',
  ]);
}
