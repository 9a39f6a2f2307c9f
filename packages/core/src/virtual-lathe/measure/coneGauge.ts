import type { Contact } from '../../gauging/contact';
import type { Shaken } from '../../evidence/evidence';

/** A sleeve or a plug of a taper, right in itself. */
export interface ConeGauge {
  readonly diameter: number;
  readonly halfAngle: number;
  /** From the line of that diameter to its large end, and to its small end, along the axis. */
  readonly toLarge: number;
  readonly toSmall: number;
  /** Which way along the bed the large end lies; where it is not said a shank's is at the headstock, a bore's at its mouth. */
  readonly toward?: 1 | -1 | undefined;
}

/** The piece's cone as the gauge meets it: radii at places that count toward its large end. */
export interface ConeMet {
  readonly s: readonly number[];
  readonly r: readonly number[];
  readonly member: 'external' | 'internal';
}

export interface GaugeFit {
  /** Where the gauge's line comes to stand, on the piece's own count. */
  readonly at: number;
  /** Clearance on radius at the large end and at the small end of what is inside the gauge. */
  readonly large: number;
  readonly small: number;
  /** Clearance all along, from the small end to the large. */
  readonly clearance: readonly number[];
  /** How long they are together. */
  readonly together: number;
}

const ROUNDS = 12;
/** The mean of so much at an end is what a hand feels of it, mm. */
const END = 2;

/**
 * A true gauge pushed home on the real outline until metal meets metal. The gauge's line stands at p where its radius
 * D/2 + (s − p) tan α first equals the piece's: of all places the first for a sleeve, the last for a plug. Null where nothing
 * is left to touch.
 */
export function pushedHome({ s, r, member }: ConeMet, gauge: ConeGauge): GaugeFit | null {
  const slope = Math.tan(gauge.halfAngle);
  const stops = s.map((at, i) => at - ((r[i] as number) - gauge.diameter / 2) / slope);
  let inside = s.map((_, i) => i);
  let at = NaN;
  for (let round = 0; round < ROUNDS; round++) {
    const among = inside.map((i) => stops[i] as number);
    const next = member === 'external' ? Math.min(...among) : Math.max(...among);
    if (!Number.isFinite(next)) return null;
    if (next === at) break;
    at = next;
    inside = s.flatMap((place, i) =>
      place - at >= -gauge.toSmall - 1e-9 && place - at <= gauge.toLarge + 1e-9 ? [i] : [],
    );
  }
  const by = [...inside].sort((a, b) => (s[a] as number) - (s[b] as number));
  if (by.length < 2) return null;
  const clearance = by.map((i) =>
    Math.abs(gauge.diameter / 2 + ((s[i] as number) - at) * slope - (r[i] as number)),
  );
  const [first, last] = [s[by[0] as number] as number, s[by.at(-1) as number] as number];
  const ended = (end: number): number => {
    const some = by.flatMap((i, k) =>
      Math.abs((s[i] as number) - end) <= END ? [clearance[k] as number] : [],
    );
    return some.reduce((sum, one) => sum + one, 0) / some.length;
  };
  return { at, small: ended(first), large: ended(last), clearance, together: last - first };
}

/** Marker rubbed thin shows on what comes this near, mm; and a hand feels a looseness from about this on. */
const FILM = 0.004;
const FELT = 0.008;

/** Where thin marker comes off, by thirds of the length. */
export function marked({ clearance }: GaugeFit): Contact {
  const third = Math.max(1, Math.floor(clearance.length / 3));
  const share = (part: readonly number[]): number => part.filter((c) => c < FILM).length / part.length;
  const [small, middle, large] = [
    share(clearance.slice(0, third)),
    share(clearance.slice(third, -third)),
    share(clearance.slice(-third)),
  ];
  const half = 0.5;
  if (small > half && middle > half && large > half) return 'full';
  if (small > half && middle > half) return large > 0.1 ? 'full' : 'all-but-large';
  if (small > 0.05 && large > 0.05 && middle < half) return 'ends';
  if (middle > small && middle > large) return 'middle';
  return large >= small ? 'large' : 'small';
}

/** Where it is felt to be loose. */
export function shaken({ large, small }: GaugeFit, noise: () => number): Shaken {
  const [l, s] = [large, small].map((gap) => gap > FELT * (1 + 0.2 * noise())) as [boolean, boolean];
  return l && s ? 'both' : l ? 'large' : s ? 'small' : 'none';
}
