import { AnelloError } from '../basics/error';
import { notNegative, positive, taperAngle } from '../basics/check';
import { dialOf, type DialReads } from '../machine/dialReads';
import { snapDown } from '../figure/round';
import type { Member } from '../taper/task';

export interface StaircaseRequest {
  readonly member: Member;
  readonly largeDiameter: number;
  readonly smallDiameter: number;
  readonly halfAngle: number;
  /** Diameter of the plain bar, or of the plain hole, mm. */
  readonly stock: number;
  /** Kept over the finished cone at each step's corner, on diameter. */
  readonly allowance: number;
  /** Deepest cut, on radius. */
  readonly depth: number;
  readonly division: number;
  readonly reads: DialReads;
}

export interface Shoulder {
  readonly diameter: number;
  /** How far the carriage runs, from the end the tool comes in at: small end outside, mouth inside. */
  readonly along: number;
  /** Dial from where the tool touched the stock, as it reads: whole divisions. */
  readonly dial: number;
}

/** More shoulders than this are a slip of the keys. */
const MOST = 60;
const SHORTEST = 1;

/**
 * Roughing a cone by parallel cuts before the taper is set: outside each cut runs until its corner comes within the
 * allowance of the cone, inside each bore goes as deep as the cone allows; every next one is deeper and shorter.
 * Lengths mm. Errors: impossible when the stock is already smaller (bore: larger) than the cone; out-of-range.
 *
 * @example
 * staircase({
 *   member: 'external',
 *   largeDiameter: 24,
 *   smallDiameter: 20,
 *   halfAngle: 0.025,
 *   stock: 25,
 *   allowance: 0.5,
 *   depth: 0.5,
 *   division: 0.05,
 *   reads: 'diameter',
 * }).map((step) => step.diameter)
 * // → [24.1, 23.2, 22.3, 21.4]
 */
export function staircase(request: StaircaseRequest): Shoulder[] {
  const { member, largeDiameter, smallDiameter, stock, allowance, reads } = request;
  const ratio = 2 * Math.tan(taperAngle(request.halfAngle));
  positive(largeDiameter, 'largeDiameter', 'The large diameter');
  positive(smallDiameter, 'smallDiameter', 'The small diameter');
  const out = member === 'external';
  notNegative(allowance, 'allowance', 'The allowance');
  const last = out ? smallDiameter + allowance : largeDiameter - allowance;
  const total =
    (out ? positive(stock, 'stock', 'The stock') - last : last - positive(stock, 'stock', 'The hole')) / 2;
  if (out ? stock < largeDiameter - 1e-9 : stock > smallDiameter + 1e-9)
    throw new AnelloError(
      'impossible',
      'stock',
      out
        ? 'The bar is already smaller than the large end.'
        : 'The hole is already larger than the small end.',
    );
  const cuts = Math.ceil(total / positive(request.depth, 'depth', 'The depth of a cut') - 1e-9);
  if (cuts > MOST)
    throw new AnelloError(
      'out-of-range',
      'depth',
      'That is more than sixty shoulders: check the depth of a cut and the stock.',
    );
  const steps: Shoulder[] = [];
  for (let i = 1; i <= cuts; i++) {
    const dial = snapDown(
      dialOf((total * i) / cuts, reads),
      positive(request.division, 'division', 'A division'),
    );
    const radial = reads === 'diameter' ? dial / 2 : dial;
    const diameter = out ? stock - 2 * radial : stock + 2 * radial;
    const along = (out ? diameter - allowance - smallDiameter : largeDiameter - allowance - diameter) / ratio;
    const whole = (largeDiameter - smallDiameter) / ratio;
    if (radial > 0 && along >= SHORTEST) steps.push({ diameter, along: Math.min(along, whole), dial });
  }
  return steps;
}
