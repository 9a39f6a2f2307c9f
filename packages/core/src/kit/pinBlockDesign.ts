import { AnelloError } from '../basics/error';
import { positive, taperAngle } from '../basics/check';
import { length } from '../figure/figure';
import { snap } from '../figure/round';

export interface PinTaper {
  readonly name: string;
  readonly halfAngle: number;
}

export interface PinBlockWish {
  readonly tapers: readonly PinTaper[];
  /** The block, along and across, mm. */
  readonly width: number;
  readonly height: number;
  /** Of every hole. */
  readonly holeDiameter: number;
  /** What the mill's readout can hit. */
  readonly resolution: number;
  /** Metal to leave between two holes, and between a hole and the edge. */
  readonly wall: number;
}

export interface PinHole extends PinTaper {
  readonly x: number;
  readonly y: number;
  readonly yExact: number;
  /** Half angle the two rounded holes make, less the one wanted, rad. */
  readonly angleError: number;
  /** Names of the holes it would break into; none when it stands clear. */
  readonly breaksInto: readonly string[];
}

export interface PinBlockDesign {
  /** Origin hole from the block's lower left corner, mm. */
  readonly origin: { readonly x: number; readonly y: number };
  readonly holes: readonly PinHole[];
}

export const ORIGIN = 'the origin';
/** A hole bored to the readout lands within this of it; it costs less angle the further out it is, mm. */
const PLACED_WITHIN = 0.005;
/** The second pin stands at least this part of the block's width out. */
const NEAREST = 0.35;
const STEPS = 20_000;

/**
 * Places the second pin of each taper: of all the X the readout can hit, the one whose rounded Y makes the best
 * angle, placing error counted, that leaves a wall to every hole already placed and to the edges. Where no X
 * does, the best X is kept and the holes it breaks into are named. Errors: underdetermined without a taper;
 * impossible when the block is too small for a pair of holes; out-of-range.
 *
 * @example
 * pinBlockDesign({
 *   tapers: [{ name: 'No. 3 Morse', halfAngle: SHANK.halfAngle }],
 *   width: 120,
 *   height: 30,
 *   holeDiameter: 6,
 *   resolution: 0.01,
 *   wall: 4,
 * }).holes.length
 * // → 1
 */
export function pinBlockDesign(wish: PinBlockWish): PinBlockDesign {
  const { tapers, width, height, holeDiameter, resolution, wall } = wish;
  positive(width, 'width', 'The block’s length');
  positive(height, 'height', 'The block’s height');
  positive(holeDiameter, 'holeDiameter', 'The hole');
  positive(resolution, 'resolution', 'The readout’s step');
  positive(wall, 'wall', 'The wall');
  if (tapers.length === 0) throw new AnelloError('underdetermined', 'tapers', 'Choose at least one taper.');
  const margin = holeDiameter / 2 + wall;
  const origin = { x: snap(margin, resolution), y: snap(margin, resolution) };
  const reach = width - origin.x - margin;
  if (reach <= holeDiameter + wall || height < 2 * margin) {
    throw new AnelloError('impossible', height < 2 * margin ? 'height' : 'width', [
      'A block of ',
      length(width, 0.1),
      ' by ',
      length(height, 0.1),
      ' has no room for two holes of ',
      length(holeDiameter, 0.1),
      ' with that wall.',
    ]);
  }
  const placed: PinHole[] = [];
  for (const taper of tapers) placed.push(place(taper, wish, reach, height - origin.y - margin, placed));
  return { origin, holes: placed };
}

function place(
  taper: PinTaper,
  wish: PinBlockWish,
  reach: number,
  room: number,
  placed: readonly PinHole[],
): PinHole {
  taperAngle(taper.halfAngle, 'tapers');
  const candidates = xCandidates(taper, wish, reach, room);
  if (candidates.length === 0) {
    throw new AnelloError('impossible', 'height', [
      `${taper.name} climbs out of this block: it wants `,
      length(reach * NEAREST * Math.tan(taper.halfAngle) + wish.holeDiameter + 2 * wish.wall, 0.1),
      ' of height at least.',
    ]);
  }
  const score = (h: PinHole): number => Math.abs(h.angleError) + PLACED_WITHIN / h.x;
  let best: PinHole | null = null;
  let bestClear: PinHole | null = null;
  for (const hole of candidates) {
    if (!best || score(hole) < score(best)) best = hole;
    const better = !bestClear || score(hole) < score(bestClear);
    if (better && brokenInto(hole, wish, placed).length === 0) bestClear = hole;
  }
  const chosen = bestClear ?? (best as PinHole);
  return { ...chosen, breaksInto: brokenInto(chosen, wish, placed) };
}

/** Every X the readout can hit between the nearest and the furthest the block allows, thinned if they are very many. */
function xCandidates(taper: PinTaper, { resolution }: PinBlockWish, reach: number, room: number): PinHole[] {
  const steps = Math.floor(reach / resolution);
  const from = Math.ceil((reach * NEAREST) / resolution);
  const stride = Math.max(1, Math.ceil((steps - from) / STEPS));
  const found: PinHole[] = [];
  for (let i = from; i <= steps; i += stride) {
    const hole = holeAt(taper, i * resolution, resolution);
    if (hole.y <= room) found.push(hole);
  }
  return found;
}

/** The hole of a taper at one X, its Y rounded to the readout. Not yet checked against others. */
export function holeAt(taper: PinTaper, x: number, resolution: number): PinHole {
  const yExact = x * Math.tan(taper.halfAngle);
  const y = snap(yExact, resolution);
  return { ...taper, x, y, yExact, angleError: Math.atan2(y, x) - taper.halfAngle, breaksInto: [] };
}

/** Holes of a design (the origin first) nearer to this one than the wall allows. */
function brokenInto(hole: PinHole, wish: PinBlockWish, placed: readonly PinHole[]): string[] {
  const least = wish.holeDiameter + wish.wall;
  const others = [{ name: ORIGIN, x: 0, y: 0 }, ...placed];
  return others.filter((o) => Math.hypot(o.x - hole.x, o.y - hole.y) < least).map((o) => o.name);
}
