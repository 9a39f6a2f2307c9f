import { length } from '../figure/figure';
import type { CurvePoint } from '../curve/piece';
import type { VirtualLathe } from '../virtual-lathe/makeVirtualLathe';
import type { Outcome } from './exercise';

/** A line that is followed on the bed, from the chuck's face, and how far it may stand over it and lie under it, mm. */
export interface LineWork {
  readonly line: readonly CurvePoint[];
  readonly above: number;
  readonly below: number;
}

/** The very ends are not looked at: there the nose rounds what it leaves, mm. */
const EDGE = 1.5;
const EVERY = 0.5;

function radiusAt(line: readonly CurvePoint[], z: number): number {
  const i = Math.max(
    1,
    line.findIndex((p) => p.z >= z),
  );
  const [a, b] = [line[i - 1] as CurvePoint, line[i] as CurvePoint];
  return b.z === a.z ? b.r : a.r + ((b.r - a.r) * (z - a.z)) / (b.z - a.z);
}

/** The worst of the work over its line and below. */
export function offLine(
  line: readonly CurvePoint[],
  lathe: VirtualLathe,
): { readonly above: number; readonly below: number } {
  const { outline } = lathe.reveal();
  const [from, to] = [(line[0] as CurvePoint).z, (line.at(-1) as CurvePoint).z];
  let [above, below] = [0, 0];
  for (let z = from + EDGE; z <= to - EDGE; z += EVERY) {
    const off = outline('outside', Math.round(10 * z) / 10) - radiusAt(line, z);
    above = Math.max(above, off);
    below = Math.max(below, -off);
  }
  return { above, below };
}

export const goneUnder = ({ line, below }: LineWork, lathe: VirtualLathe): boolean =>
  offLine(line, lathe).below > below;

/** The work held against its line. */
export function judgeLine({ line, above, below }: LineWork, lathe: VirtualLathe): Outcome {
  const off = offLine(line, lathe);
  const said = (what: string, is: number, most: number) => ({
    what,
    is: length(is, 0.01),
    wanted: ['at most ', length(most, 0.01)],
    inside: is <= most,
  });
  const lines = [
    said('Stands over its line by, at its worst', off.above, above),
    said('Cut below its line by, at its worst', off.below, below),
  ];
  return { right: lines.every(({ inside }) => inside), lines };
}
