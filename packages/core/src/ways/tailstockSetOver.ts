import { angleOfSide, positive } from '../basics/check';

/**
 * Tailstock set-over in mm for work of a length (mm) between centre contacts: exact L sin a, the shop
 * rule L tan a, and what the rule leaves over. Errors: out-of-range, not-finite.
 * Source: the work is the hypotenuse, the set-over the side opposite the half angle.
 *
 * @example
 * tailstockSetOver({ workLength: 200, halfAngle: SHANK.halfAngle })
 * // → { setOver: 5.018, shopRule: 5.01958, difference: 0.00158018 }
 */
export function tailstockSetOver({ workLength, halfAngle }: { workLength: number; halfAngle: number }): {
  setOver: number;
  shopRule: number;
  difference: number;
} {
  positive(workLength, 'workLength', 'The length between centres');
  angleOfSide(halfAngle);
  const setOver = workLength * Math.sin(halfAngle);
  const shopRule = workLength * Math.tan(halfAngle);
  return { setOver, shopRule, difference: shopRule - setOver };
}
