import { AnelloError } from '../basics/error';
import { finite, notNegative, positive, taperAngle } from '../basics/check';
import { STEEL_MODULUS } from '../kit/usual';

/** An elastic material: Young's modulus and yield in MPa, Poisson's ratio. */
export interface Elastic {
  readonly modulus: number;
  readonly poisson: number;
  readonly yieldStress: number;
}

/** Usual figures; the drawing's own come first. */
export const ELASTIC = {
  steel: { modulus: STEEL_MODULUS, poisson: 0.3, yieldStress: 300 },
  'cast iron': { modulus: 110_000, poisson: 0.26, yieldStress: 130 },
  bronze: { modulus: 110_000, poisson: 0.34, yieldStress: 140 },
} as const satisfies Record<string, Elastic>;
export type ElasticName = keyof typeof ELASTIC;

export interface DriveUpCase {
  /** Mean diameter of the cone where the hub bears, mm. */
  readonly diameter: number;
  readonly halfAngle: number;
  /** How far the hub is driven on from where it just seats, mm along the axis. */
  readonly advance: number;
  /** Outside of the hub, mm. */
  readonly hubDiameter: number;
  /** Hole through the shaft, mm; 0 for solid. */
  readonly shaftBore: number;
  readonly hub: Elastic;
  readonly shaft: Elastic;
}

export interface DriveUp {
  /** On diameter, mm. */
  readonly interference: number;
  /** Between hub and shaft, MPa. */
  readonly pressure: number;
  /** At the hub's bore, MPa: where it would split. */
  readonly hoop: number;
  /** The worst of hub and shaft as a part of its own yield, by Tresca: at 1 it gives. */
  readonly ofYield: number;
  readonly hubOfYield: number;
  readonly shaftOfYield: number;
}

/**
 * What driving a hub up a taper does: interference 2 s tan a on diameter, the pressure it makes by Lamé's thick
 * cylinders, the hoop stress at the hub's bore, and how near hub and shaft come to giving: the largest difference of
 * principal stresses (Tresca), at the hub's bore p (Ch + 1), in a hollow shaft's hole 2 p d²/(d² − b²), in a solid shaft p. Lengths mm, stresses MPa. Errors: out-of-range; impossible when
 * the hub is no larger than the cone or the shaft is all hole. Source: Lamé; p = δ/d / (Ch/Eh + Cs/Es).
 *
 * @example
 * driveUp({
 *   diameter: 40,
 *   halfAngle: 0.025,
 *   advance: 0.5,
 *   hubDiameter: 80,
 *   shaftBore: 0,
 *   hub: ELASTIC.steel,
 *   shaft: ELASTIC.steel,
 * }).interference
 * // → 0.0250052
 */
export function driveUp(given: DriveUpCase): DriveUp {
  const d = positive(given.diameter, 'diameter', 'The diameter of the cone');
  const outside = positive(given.hubDiameter, 'hubDiameter', 'The hub');
  const bore = notNegative(given.shaftBore, 'shaftBore', 'The hole in the shaft');
  notNegative(finite(given.advance, 'advance'), 'advance', 'The advance');
  if (outside <= d)
    throw new AnelloError('impossible', 'hubDiameter', 'The hub is no larger than its own bore.');
  if (bore >= d) throw new AnelloError('impossible', 'shaftBore', 'The hole is as large as the shaft.');
  const interference = 2 * given.advance * Math.tan(taperAngle(given.halfAngle));
  const hubFactor = (outside ** 2 + d ** 2) / (outside ** 2 - d ** 2);
  const shaftFactor = (d ** 2 + bore ** 2) / (d ** 2 - bore ** 2);
  const pressure =
    interference /
    d /
    ((hubFactor + given.hub.poisson) / given.hub.modulus +
      (shaftFactor - given.shaft.poisson) / given.shaft.modulus);
  const hoop = pressure * hubFactor;
  const hubOfYield = (hoop + pressure) / given.hub.yieldStress;
  const inShaft = bore > 0 ? (2 * pressure * d ** 2) / (d ** 2 - bore ** 2) : pressure;
  const shaftOfYield = inShaft / given.shaft.yieldStress;
  return {
    interference,
    pressure,
    hoop,
    hubOfYield,
    shaftOfYield,
    ofYield: Math.max(hubOfYield, shaftOfYield),
  };
}

/**
 * Where a hub bears, taken as the middle of its cone, mm.
 *
 * @example
 * bearingDiameter({ largeDiameter: 24, smallDiameter: 20 })
 * // → 22
 */
export const bearingDiameter = (cone: {
  readonly largeDiameter: number;
  readonly smallDiameter: number;
}): number => (cone.largeDiameter + cone.smallDiameter) / 2;
