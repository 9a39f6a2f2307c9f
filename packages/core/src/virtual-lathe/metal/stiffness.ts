import { STEEL_MODULUS } from '../../kit/usual';
/**
 * Force of a cut for each mm² of its section, N/mm²: 1,800 to 2,500 for mild to medium steel at fine feeds (specific cutting
 * force, any handbook of metal cutting).
 */
const CUTTING_FORCE = 2200;
/** Of that force across the work: a third where the nose is small against the depth, most of it where the depth is. */
const ACROSS = 0.33;
const ACROSS_FINE = 0.55;

/** Force across, N, to each mm of depth, at a feed to the turn; a fine cut is all nose and pushes across. */
export const forceAcross = (feed: number, depth: number, nose: number): number =>
  CUTTING_FORCE * feed * (ACROSS + ACROSS_FINE * Math.exp(-depth / nose));

const inertia = (diameter: number): number => (Math.PI / 64) * diameter ** 4;

/** What round work gives at a place, mm to the N: held at one end (L³/3EI), or at both (a²b²/3EIL). Any handbook of strength. */
export function workGives(diameter: number, at: number, out: number, supported: boolean): number {
  const stiff = 3 * STEEL_MODULUS * inertia(diameter);
  if (!supported) return Math.max(0, at) ** 3 / stiff;
  const rest = Math.max(0, out - at);
  return (Math.max(0, at) ** 2 * rest ** 2) / (stiff * out);
}

/** What a boring bar gives at its tip. */
export const barGives = (diameter: number, out: number): number =>
  out ** 3 / (3 * STEEL_MODULUS * inertia(diameter));

/** Of a depth that is asked for, the part that springs back: the edge gives until the force it makes carries it. */
export function springPart(compliance: number, feed: number, depth: number, nose: number): number {
  const gives = compliance * forceAcross(feed, depth, nose);
  return gives / (1 + gives);
}
